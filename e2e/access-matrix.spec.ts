import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { ACCOUNT } from './support';

/** What a role gets of a route: let in, sent to sign in, told that it may not, or told that it is not there. */
type Answer = 'in' | 'sign-in' | 'forbidden' | 'hidden';

type Who = 'nobody' | 'reader' | 'clinician' | 'coordinator';

const ROLES: readonly Who[] = ['nobody', 'reader', 'clinician', 'coordinator'];

const only = (
	coordinator: Answer,
	clinician: Answer,
	reader: Answer,
	nobody: Answer
): Record<Who, Answer> => ({
	coordinator,
	clinician,
	reader,
	nobody
});
const COORDINATOR_ONLY = only('in', 'forbidden', 'forbidden', 'sign-in');
const OPEN = only('in', 'in', 'in', 'in');
/** Figures of people, and no person. */
const FIGURES = only('in', 'forbidden', 'in', 'sign-in');
const NO_REPORT = only('hidden', 'forbidden', 'hidden', 'sign-in');
/** A secret that is wrong opens nothing for anybody. */
const WRONG_SECRET = only('hidden', 'hidden', 'hidden', 'hidden');

/** Every route of the program and who is let in. A route that is not named here fails the test: closed is the rule. */
const MATRIX: Readonly<Record<string, Record<Who, Answer>>> = {
	'/': OPEN,
	'/health': OPEN,
	'/preferences': OPEN,
	'/withdrawn': OPEN,
	'/post': OPEN,
	'/post/[id=uuid]': WRONG_SECRET,
	'/calendar/[token=token]': WRONG_SECRET,
	'/c/[token=token]': WRONG_SECRET,
	'/c/[token=token]/[page=page]': WRONG_SECRET,
	'/c/[token=token]/again': WRONG_SECRET,
	'/c/[token=token]/break': WRONG_SECRET,
	'/c/[token=token]/break/app.webmanifest': WRONG_SECRET,
	'/c/[token=token]/check-in': WRONG_SECRET,
	'/c/[token=token]/day': WRONG_SECRET,
	'/c/[token=token]/day/week': WRONG_SECRET,
	'/c/[token=token]/draft': WRONG_SECRET,
	'/c/[token=token]/draft/live': WRONG_SECRET,
	'/c/[token=token]/side': WRONG_SECRET,
	'/kit': OPEN,
	'/without-network': OPEN,
	'/c/[token=token]/measure': WRONG_SECRET,
	'/c/[token=token]/messages': WRONG_SECRET,
	'/c/[token=token]/other-device': WRONG_SECRET,
	'/c/[token=token]/plan': WRONG_SECRET,
	'/c/[token=token]/ruler': WRONG_SECRET,
	'/c/[token=token]/stop': WRONG_SECRET,
	'/c/[token=token]/submit': WRONG_SECRET,
	'/c/[token=token]/take-along': WRONG_SECRET,
	'/c/[token=token]/withdraw': WRONG_SECRET,
	'/desk/sign-in': OPEN,
	'/desk/sign-out': OPEN,
	// Without a session there is nothing that a code could open.
	'/desk/sign-in/code': only('in', 'in', 'in', 'sign-in'),
	'/desk/sign-in/passkey': OPEN,
	'/desk/sign-in/provider': OPEN,
	'/desk/sign-in/provider/back': OPEN,
	'/desk/password': OPEN,
	'/desk/password/[token=token]': WRONG_SECRET,
	'/desk/(signed-in)': only('in', 'in', 'in', 'sign-in'),
	'/desk/(signed-in)/account': only('in', 'in', 'in', 'sign-in'),
	'/desk/(signed-in)/account/passkeys': only('in', 'in', 'in', 'forbidden'),
	'/desk/(signed-in)/account/second-factor': only('in', 'in', 'in', 'sign-in'),
	'/desk/(signed-in)/confirm': only('in', 'in', 'in', 'sign-in'),
	'/desk/(signed-in)/cases/[id=uuid]': COORDINATOR_ONLY,
	'/desk/(signed-in)/cases/[id=uuid]/erase': COORDINATOR_ONLY,
	'/desk/(signed-in)/cases/[id=uuid]/everything': COORDINATOR_ONLY,
	'/desk/(signed-in)/cases/[id=uuid]/everything/data': COORDINATOR_ONLY,
	'/desk/(signed-in)/cases/[id=uuid]/brief': only('in', 'forbidden', 'forbidden', 'forbidden'),
	'/desk/(signed-in)/cases/[id=uuid]/letter': COORDINATOR_ONLY,
	'/desk/(signed-in)/equipment': COORDINATOR_ONLY,
	'/desk/(signed-in)/equipment/budget': COORDINATOR_ONLY,
	'/desk/(signed-in)/equipment/export': COORDINATOR_ONLY,
	'/desk/(signed-in)/follow-ups': COORDINATOR_ONLY,
	'/desk/(signed-in)/live': only('in', 'in', 'forbidden', 'forbidden'),
	'/desk/(signed-in)/people': COORDINATOR_ONLY,
	'/desk/(signed-in)/people/export': COORDINATOR_ONLY,
	'/desk/(signed-in)/people/import': COORDINATOR_ONLY,
	'/desk/(signed-in)/people/new': COORDINATOR_ONLY,
	'/desk/(signed-in)/record': COORDINATOR_ONLY,
	'/desk/(signed-in)/retention': COORDINATOR_ONLY,
	// One that was made to another clinician, or to nobody.
	'/desk/(signed-in)/referrals/[id=uuid]': only('hidden', 'hidden', 'forbidden', 'sign-in'),
	'/desk/(signed-in)/rounds': COORDINATOR_ONLY,
	'/desk/(signed-in)/rounds/[id=uuid]': COORDINATOR_ONLY,
	'/desk/(signed-in)/rounds/[id=uuid]/progress': only('in', 'forbidden', 'forbidden', 'forbidden'),
	'/desk/(signed-in)/rounds/new': COORDINATOR_ONLY,
	'/desk/(signed-in)/users': COORDINATOR_ONLY,
	...Object.fromEntries(
		['', '/discomfort', '/figures', '/findings', '/goes-with', '/helps', '/report', '/times', '/to-buy'].map(
			(screen) => [`/desk/(signed-in)/workforce${screen}`, FIGURES]
		)
	),
	'/desk/(signed-in)/workforce/report/[id=uuid]': NO_REPORT,
	'/desk/(signed-in)/workforce/report/[id=uuid]/data': NO_REPORT
};

/** A round as its form sends it. */
const A_ROUND = {
	name: 'x',
	way: 'upright',
	route: 'short',
	rhythm: 'half-hour',
	subject: 'x',
	body: 'x',
	startsOn: '2099-01-01',
	dueOn: '2099-01-02',
	timeZone: 'UTC'
} as const;

const KEY = '11111111-1111-4111-8111-111111111111';
/** What every act on a case brings along. */
const ACT = { key: KEY, version: '1' } as const;

/** Form acts of the coordinator's door, each with a body that would do something. */
const ACTS: readonly (readonly [path: string, form: Readonly<Record<string, string>>])[] = [
	['/desk?/settle', { people: 'PERSON', key: KEY }],
	['/desk?/write', { people: 'PERSON', text: 'x', key: KEY }],
	['/desk/cases/PERSON?/settle', ACT],
	['/desk/cases/PERSON?/reopen', ACT],
	['/desk/cases/PERSON?/owner', ACT],
	['/desk/cases/PERSON?/later', { ...ACT, until: '2099-01-01', reason: 'x' }],
	['/desk/cases/PERSON?/send', ACT],
	['/desk/cases/PERSON?/followUp', { ...ACT, kind: 'look', due: '2099-01-01' }],
	['/desk/cases/PERSON?/done', { ...ACT, outcome: 'x' }],
	['/desk/cases/PERSON?/contact', { ...ACT, how: 'phone', result: 'no-answer' }],
	['/desk/cases/PERSON?/message', { text: 'x', key: KEY }],
	['/desk/cases/PERSON?/read', ACT],
	['/desk/cases/PERSON?/note', { text: 'x', key: KEY }],
	['/desk/cases/PERSON?/refer', { ...ACT, clinician: 'PERSON', question: 'x', consentHow: 'spoken' }],
	['/desk/cases/PERSON?/writeReferral', { key: KEY, text: 'x', referral: KEY }],
	['/desk/cases/PERSON?/endReferral', { key: KEY, text: 'x', referral: KEY }],
	['/desk/cases/PERSON?/askFor', { ...ACT, thing: 'headset' }],
	['/desk/cases/PERSON/erase', { name: 'x', why: 'asked' }],
	['/desk/retention?/keep', { leaving: '1', answer: '', version: '1' }],
	['/desk/equipment/budget?/approve', { people: 'PERSON', key: KEY }],
	['/desk/equipment?/count', { thing: 'headset', onHand: '3', version: '0' }],
	['/desk/cases/PERSON?/setUp', { ...ACT, way: 'open' }],
	['/desk/referrals/REFERRAL?/writeReferral', { key: KEY, text: 'x' }],
	['/desk/referrals/REFERRAL?/endReferral', { key: KEY, text: 'x' }],
	['/desk/cases/PERSON?/equipment', { ...ACT, request: 'PERSON', to: 'approved' }],
	['/desk/cases/PERSON?/person', { name: 'x', email: 'x@y.example', version: '1' }],
	['/desk/people?/bulk', { act: 'leave', ids: 'PERSON', expected: '1', key: KEY }],
	['/desk/people?/columns', { team: 'yes' }],
	['/desk/people?/save', { name: 'x', query: 'team=x' }],
	['/desk/people?/drop', { filter: 'PERSON' }],
	['/desk/people/new', { name: 'x', email: 'xx@y.example' }],
	['/desk/rounds/new', A_ROUND],
	['/desk/rounds/ROUND?/change', { ...A_ROUND, version: '1' }],
	['/desk/rounds/ROUND?/start', { version: '1', expected: '1' }],
	['/desk/rounds/ROUND?/nudge', { expected: '1' }],
	['/desk/rounds/ROUND?/close', { version: '1' }],
	['/desk/rounds/ROUND?/reopen', { version: '1' }],
	['/desk/rounds/ROUND?/drop', {}],
	['/desk/follow-ups?/move', { ...ACT, person: 'PERSON', kind: 'look', due: '2099-01-01' }],
	['/desk/follow-ups?/feed', {}],
	['/desk/follow-ups?/endFeed', {}],
	['/desk/users?/invite', { name: 'x', email: 'xy@y.example', role: 'reader' }],
	['/desk/users?/close', { user: 'PERSON' }],
	['/desk/users?/record', { user: 'PERSON', sees: 'no' }],
	['/desk/workforce/report?/make', { key: KEY, to: '2026-01-31', months: '3' }],
	['/desk/workforce/report?/drop', { report: KEY }],
	[
		'/desk/workforce/to-buy?/prices',
		{
			'keyboard-and-mouse': '1',
			footrest: '1',
			'seat-cushion': '1',
			monitor: '1',
			chair: '1',
			'another-surface': '1',
			currency: 'EUR'
		}
	]
];

/** Acts on nothing but one's own account, and on what oneself did today. */
const OWN_ACTS: readonly string[] = [
	'/desk/account?/elsewhere',
	'/desk/account?/password',
	'/desk/account/second-factor?/begin',
	'/desk/account/second-factor?/end',
	'/desk/account/second-factor?/remove',
	'/desk/confirm',
	'/desk?/undo'
];

/** Every form act that the coordinator's door has, by the files that carry them out. */
function actsIn(folder: string, routes: readonly string[]): string[] {
	return routes
		.filter((route) => route.startsWith('/desk/(signed-in)'))
		.flatMap((route) => {
			const file = join(folder, route, '+page.server.ts');
			const acts = existsSync(file) ? readFileSync(file, 'utf8').split('export const actions')[1] : undefined;
			const path = route
				.replace('/(signed-in)', '')
				.replace('cases/[id=uuid]', 'cases/PERSON')
				.replace('referrals/[id=uuid]', 'referrals/REFERRAL')
				.replace('rounds/[id=uuid]', 'rounds/ROUND');
			return [...(acts ?? '').matchAll(/^\t(\w+): (?:async |act)?\(/gm)].map(([, name]) =>
				name === 'default' ? path : `${path}?/${name}`
			);
		});
}

/** Every folder under the routes that answers by itself. */
function routesIn(folder: string, at = ''): string[] {
	return readdirSync(join(folder, at)).flatMap((name) => {
		const path = join(at, name);
		if (statSync(join(folder, path)).isDirectory()) return routesIn(folder, path);
		return /^\+(?:page\.svelte|server\.ts)$/.test(name) || (at === '' && name === '+page.server.ts')
			? [`/${at}`]
			: [];
	});
}

function answerOf(status: number, location: string | undefined): Answer | number {
	if (status === 303 && location === '/desk/sign-in') return 'sign-in';
	if (status === 403) return 'forbidden';
	if (status === 404 || status === 410) return 'hidden';
	return status < 400 || status === 405 ? 'in' : status;
}

async function signedIn(request: APIRequestContext, who: Who, origin: string): Promise<void> {
	if (who === 'nobody') return;
	const response = await request.post('/desk/sign-in', {
		headers: { origin },
		form: { email: `${who}@lanterns.example`, password: ACCOUNT.password },
		maxRedirects: 0
	});
	expect([200, 303]).toContain(response.status());
}

test('every route is closed but to those who are named, for each role and a foreign row', async ({
	playwright,
	baseURL
}) => {
	test.setTimeout(120_000);
	const origin = baseURL ?? '';
	const context = (storage?: { cookies: []; origins: [] }) =>
		playwright.request.newContext({ baseURL: origin, ...(storage ? { storageState: storage } : {}) });
	const coordinator = await context();
	await signedIn(coordinator, 'coordinator', origin);
	const people = await (await coordinator.get('/desk/people?q=mirela')).text();
	const person = /\/desk\/cases\/([0-9a-f-]{36})/.exec(people)?.[1] ?? '';
	const round =
		/\/desk\/rounds\/([0-9a-f-]{36})/.exec(await (await coordinator.get('/desk/rounds')).text())?.[1] ?? '';
	expect(person).not.toBe('');
	expect(round).not.toBe('');

	const routes = [...new Set(routesIn('src/routes'))].sort();
	expect(routes.filter((route) => !(route in MATRIX))).toEqual([]);
	expect(Object.keys(MATRIX).filter((route) => !routes.includes(route))).toEqual([]);

	const acts = actsIn('src/routes', routes);
	expect(acts.length).toBeGreaterThan(25);
	expect(acts.sort()).toEqual([...ACTS.map(([path]) => path), ...OWN_ACTS].sort());

	const found: string[] = [];
	for (const who of ROLES) {
		const request = await context();
		await signedIn(request, who, origin);
		for (const route of routes) {
			// Streams never end, and signing out would end the session in between.
			const isStream = route.endsWith('/progress') || route === '/desk/(signed-in)/live';
			if (route === '/desk/sign-out' || (isStream && MATRIX[route]?.[who] === 'in')) continue;
			const path = route
				.replace('/(signed-in)', '')
				.replace('cases/[id=uuid]', `cases/${person}`)
				.replace('rounds/[id=uuid]', `rounds/${round}`)
				.replace('[id=uuid]', '00000000-0000-4000-8000-000000000000')
				.replace('[token=token]', 'no-such-token')
				.replace('[page=page]', 'you');
			// Passkeys need a name in the address.
			const isPasskey = /\/passkeys?$/.test(route);
			const method = /\/(?:again|week)$/.test(route)
				? 'PUT'
				: isPasskey || route.endsWith('/submit')
					? 'POST'
					: 'GET';
			const response = await request.fetch(path, {
				method,
				maxRedirects: 0,
				headers: {
					origin: isPasskey ? origin.replace('127.0.0.1', 'localhost') : origin,
					accept: 'text/html',
					'content-type': 'application/json'
				},
				...(method === 'GET' ? {} : { data: '{"fields":{}}' })
			});
			const got = answerOf(response.status(), response.headers().location);
			const want = MATRIX[route]?.[who];
			if (got !== want) found.push(`${who} ${route}: ${got}, should be ${want}`);
		}
		await request.dispose();
	}
	expect(found).toEqual([]);

	// No act of the desk is carried out for anybody but a coordinator, on a row that exists.
	const acted: string[] = [];
	for (const who of ['nobody', 'reader', 'clinician'] as const) {
		const request = await context();
		await signedIn(request, who, origin);
		for (const [path, form] of ACTS) {
			const fill = (text: string) =>
				text.replaceAll('PERSON', person).replaceAll('ROUND', round).replaceAll('REFERRAL', KEY);
			const response = await request.post(fill(path), {
				headers: { origin, accept: 'application/json' },
				form: Object.fromEntries(Object.entries(form).map(([name, text]) => [name, fill(text)])),
				maxRedirects: 0
			});
			const body = await response.text();
			const told = JSON.parse(body || '{}') as { type?: string; status?: number; location?: string };
			const isClosed =
				(told.type === 'failure' && [403, 404].includes(told.status ?? 0)) ||
				(told.type === 'redirect' && told.location === '/desk/sign-in');
			if (!isClosed) acted.push(`${who} ${path}: ${body.slice(0, 80)}`);
		}
		const list = await request.post('/desk/people/import', {
			headers: { origin },
			data: {
				lines: [['x', 'x@y.example']],
				columns: {},
				firstRow: 1,
				headings: '',
				apply: null
			}
		});
		if (list.status() !== 403) acted.push(`${who} /desk/people/import: ${list.status()}`);
		await request.dispose();
	}
	expect(acted).toEqual([]);
	await coordinator.dispose();
});
