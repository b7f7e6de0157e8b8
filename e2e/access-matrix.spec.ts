import { randomUUID } from 'node:crypto';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { ROLES, type Role } from '../src/lib/core/platform/access/roles';
import { API_OPERATIONS } from '../src/lib/core/platform/api/operations';
import { API_VERSION } from '../src/lib/core/platform/api/openapi';
import {
	DESK_ACTIONS,
	DESK_ROUTES,
	isRequestAllowed,
	type DeskRoute
} from '../src/lib/server/platform/access/desk-routes';
import { routesIn } from '../tests/support/routes';
import { ACCOUNT } from './support';

/** What a role gets when it asks for a route: let in, refused, "not found", or sent to sign in. `closed` is any but the first. */
type Answer = 'in' | 'forbidden' | 'hidden' | 'sign-in';

type Who = 'nobody' | Role;

const EVERYBODY: readonly Who[] = ['nobody', ...ROLES];

/** Routes open to everybody: they show nobody's data, or they start a session. */
const OPEN: readonly string[] = [
	'/',
	'/health',
	'/preferences',
	'/withdrawn',
	'/post',
	'/logo',
	'/kit',
	'/without-network',
	'/desk/sign-in',
	'/desk/sign-out',
	'/desk/sign-in/passkey',
	'/desk/sign-in/provider',
	'/desk/sign-in/provider/back',
	'/desk/password',
	'/api/v1/openapi.json'
];

/** Without a session there is no sign-in that the code could complete. */
const NEEDS_SESSION = '/desk/sign-in/code';

/** How a route of the API is asked; undefined for other routes. */
const methodOfApi = (route: string) =>
	Object.values(API_OPERATIONS)
		.find(({ path }) => `/api/${API_VERSION}${path.replaceAll('{id}', '[id]')}` === route)
		?.method.toUpperCase();

/** Routes opened by a secret in the address. With a wrong secret they answer "not found" to everybody. */
const needsSecret = (route: string) => /^\/c\/|\[token=token\]|^\/post\/\[id=uuid\](?:\/html)?$/.test(route);

/** Routes behind a permission whose address names something that doesn't exist in this test, or that belongs to someone else. */
const NAMES_NOTHING: readonly string[] = [
	'/desk/(signed-in)/cases/[id=uuid]/together/board',
	'/desk/(signed-in)/cases/[id=uuid]/together/board/live',
	'/desk/(signed-in)/practice/[id=uuid]',
	'/desk/(signed-in)/practice/second-opinion/[id=uuid]',
	'/desk/(signed-in)/referrals/[id=uuid]',
	'/desk/(signed-in)/workforce/report/[id=uuid]',
	'/desk/(signed-in)/workforce/report/[id=uuid]/data'
];

/** What the program's own tables say a role gets when it asks for a route; null where no table lists the route. */
function expected(route: string, who: Who): Answer | 'closed' | null {
	if (OPEN.includes(route)) return 'in';
	if (needsSecret(route)) return 'hidden';
	// A program has a token: nobody’s session opens anything there.
	if (route.startsWith('/api/')) return 'closed';
	if (route === NEEDS_SESSION) return who === 'nobody' ? 'closed' : 'in';
	if (!Object.hasOwn(DESK_ROUTES, route)) return null;
	if (who === 'nobody') return 'closed';
	if (!isRequestAllowed(who, { route, method: 'GET', query: new URLSearchParams() })) return 'forbidden';
	return NAMES_NOTHING.includes(route) ? 'hidden' : 'in';
}

/** A round as its form posts it. */
const A_ROUND = {
	name: 'x',
	sittingStyle: 'upright',
	questionnaireMode: 'short',
	breakSchedule: 'half-hour',
	subject: 'x',
	body: 'x',
	startsOn: '2099-01-01',
	dueOn: '2099-01-02',
	timeZone: 'UTC'
} as const;

const KEY = '11111111-1111-4111-8111-111111111111';
/** The fields that every act on a case carries. */
const ACT = { key: KEY, version: '1' } as const;

/** The text of an email, as its form posts it. */
const OWN_TEXT = { text: 'message', language: 'en', seen: '0.0', subject: 'x', body: 'x' };

/** Form actions of the desk, each with a body that would change something. */
const ACTS: readonly (readonly [path: string, form: Readonly<Record<string, string>>])[] = [
	['/desk?/settle', { people: 'PERSON', key: KEY }],
	['/desk?/finish', { people: 'PERSON', key: KEY }],
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
	['/desk/cases/PERSON/phone?/begin', { key: KEY }],
	['/desk/cases/PERSON/together?/join', { code: '000000' }],
	['/desk/cases/PERSON/together?/plan', {}],
	['/desk/cases/PERSON/together?/agree', { plan: KEY }],
	['/desk/cases/PERSON/together?/next', { key: KEY, due: '2099-01-01' }],
	['/desk/cases/PERSON/together?/end', {}],
	['/desk/practice?/start', {}],
	['/desk/practice?/ask', { colleague: KEY }],
	['/desk/practice/second-opinion/REPORT?/judge', { 'level.0': 'soon' }],
	['/desk/practice/REPORT?/answer', { order: '0', message: '' }],
	['/desk/cases/PERSON/merge?/merge', { other: KEY }],
	['/desk/cases/PERSON/erase', { name: 'x', why: 'asked' }],
	['/desk/retention?/keep', { leaving: '1', answer: '', version: '1' }],
	['/desk/equipment/budget?/approve', { people: 'PERSON', key: KEY }],
	['/desk/equipment/budget?/year', { year: '2026', version: '0', amount: '1', currency: 'EUR' }],
	[
		'/desk/equipment?/order',
		{ requests: `${KEY}:1`, supplier: 'x', orderNumber: '', cost: '', currency: 'EUR', key: KEY }
	],
	['/desk/equipment?/count', { thing: 'headset', onHand: '3', version: '0' }],
	['/desk/cases/PERSON?/setUp', { ...ACT, sittingStyle: 'open' }],
	['/desk/referrals/REFERRAL?/writeReferral', { key: KEY, text: 'x' }],
	['/desk/referrals/REFERRAL?/endReferral', { key: KEY, text: 'x' }],
	['/desk/cases/PERSON?/equipment', { ...ACT, request: 'PERSON', to: 'approved' }],
	['/desk/cases/PERSON?/person', { name: 'x', email: 'x@y.example', version: '1' }],
	['/desk/people?/bulk', { act: 'leave', ids: 'PERSON', expected: '1', key: KEY }],
	['/desk/people?/columns', { team: 'yes' }],
	['/desk/people?/save', { name: 'x', query: 'team=x' }],
	['/desk/people?/drop', { filter: 'PERSON' }],
	['/desk/people/new', { name: 'x', email: 'xx@y.example' }],
	['/desk/account/absence?/away', { userId: KEY, from: '2099-01-01', until: '2099-01-02', standInId: KEY }],
	['/desk/account/absence?/back', { userId: KEY }],
	['/desk/account/absence?/hand', { fromId: KEY, toId: '', expected: '0', key: KEY }],
	['/desk/rounds/new', A_ROUND],
	['/desk/rounds/ROUND?/change', { ...A_ROUND, version: '1' }],
	['/desk/rounds/ROUND?/start', { version: '1', expected: '1' }],
	['/desk/rounds/ROUND?/nudge', { expected: '1' }],
	['/desk/rounds/ROUND?/close', { version: '1' }],
	['/desk/rounds/ROUND?/pause', { version: '1', paused: 'yes' }],
	['/desk/rounds/ROUND?/correct', { version: '1', subject: 'x', body: 'x', dueOn: '2099-01-01' }],
	['/desk/rounds/ROUND?/reopen', { version: '1' }],
	['/desk/rounds/ROUND?/drop', { version: '1' }],
	['/desk/follow-ups?/move', { ...ACT, person: 'PERSON', kind: 'look', due: '2099-01-01' }],
	['/desk/follow-ups?/feed', {}],
	['/desk/follow-ups?/endFeed', {}],
	['/desk/users?/invite', { name: 'x', email: 'xy@y.example', role: 'reader' }],
	['/desk/users?/close', { user: 'PERSON' }],
	['/desk/users?/record', { user: 'PERSON', sees: 'no' }],
	['/desk/waiting-emails?/again', { email: KEY }],
	['/desk/waiting-emails?/release', { kind: 'recheck', expected: '0' }],
	['/desk/waiting-emails?/cancel', { kind: 'recheck', expected: '0' }],
	['/desk/waiting-emails?/limit', { perDay: '1', version: '0' }],
	['/desk/crisis-lines?/remove', { country: 'GB' }],
	['/desk/crisis-lines?/set', { country: 'GB', name: 'x', phone: '12' }],
	[
		'/desk/organisation?/save',
		{
			version: '1',
			name: 'x',
			contactName: 'x',
			contactRole: '',
			phone: '',
			replyTo: '',
			address: '',
			genuinePage: '',
			participation: 'voluntary',
			dutyLaw: '',
			language: 'en',
			timeZone: 'UTC'
		}
	],
	['/desk/organisation?/removeLogo', {}],
	['/desk/account/tokens?/make', { name: 'x', days: '30' }],
	['/desk/account/tokens?/end', { token: '00000000-0000-4000-8000-000000000000' }],
	['/desk/organisation/translations?/confirm', { language: 'de', reviewedBy: 'x' }],
	[
		'/desk/organisation/cover?/save',
		{ version: '1', minutes: '30', deputyId: '', outOfHours: '', webhookUrl: '' }
	],
	[
		'/desk/organisation/webhooks?/save',
		{ webhook: '', version: '0', name: 'x', url: 'https://x.example/', isOn: 'no', answered: 'yes' }
	],
	['/desk/people/directory?/read', {}],
	[
		'/desk/people/directory?/apply',
		{
			...{ key: randomUUID(), readAt: '2026-01-01T00:00:00.000Z', added: '0', changed: '0' },
			...{ leaveAbsent: 'no', takeBack: 'no' }
		}
	],
	['/desk/people/directory?/save', { version: '0', isOn: 'no', usersFilter: '', teamFrom: 'none' }],
	['/desk/organisation/webhooks?/try', { webhook: '00000000-0000-4000-8000-000000000000' }],
	['/desk/organisation/webhooks?/remove', { webhook: '00000000-0000-4000-8000-000000000000' }],
	['/desk/organisation/checklist?/move', { seen: '0', part: 'get-up', to: '0' }],
	['/desk/organisation/checklist?/remove', { seen: '0', part: 'get-up' }],
	['/desk/organisation/checklist?/takeIn', { seen: '0', part: 'get-up' }],
	['/desk/organisation/checklist?/start', { seen: '0', version: '0' }],
	['/desk/organisation/checklist?/load', { seen: '0', file: '{}' }],
	['/desk/organisation/checklist?/publish', { seen: '0', note: '' }],
	['/desk/organisation/checklist?/discard', { seen: '0' }],
	['/desk/organisation/checklist/question?/save', { seen: '0', document: '{}' }],
	['/desk/organisation/checklist/problem?/save', { seen: '0', document: '{}' }],
	['/desk/organisation/policy?/preview', { seen: '0', note: '' }],
	['/desk/organisation/policy?/publish', { seen: '0', note: '' }],
	['/desk/organisation/policy?/load', { file: '{}' }],
	['/desk/organisation/settings/AREA?/preview', { seen: '0', note: '', settings: '{}' }],
	['/desk/organisation/settings/AREA?/publish', { seen: '0', note: '', settings: '{}' }],
	['/desk/organisation/settings/AREA?/load', { file: '{}' }],
	['/desk/organisation/emails?/save', OWN_TEXT],
	['/desk/organisation/emails?/publish', OWN_TEXT],
	['/desk/organisation/emails?/discard', OWN_TEXT],
	['/desk/organisation/emails?/original', OWN_TEXT],
	['/desk/organisation/emails?/send', { kind: 'message', language: 'en' }],
	['/desk/workforce/report?/make', { key: KEY, to: '2026-01-31', months: '3' }],
	['/desk/workforce/report?/drop', { report: KEY }],
	['/desk/workforce/report/REPORT?/record', { remark: 'x', version: '1' }],
	[
		'/desk/workforce/to-buy?/prices',
		{
			'keyboard-and-mouse': '1',
			footrest: '1',
			'foot-bar': '1',
			'seat-cushion': '1',
			monitor: '1',
			chair: '1',
			'another-surface': '1',
			currency: 'EUR'
		}
	]
];

/** Acts that touch only the user's own account, or what they did themselves today. */
const OWN_ACTS: readonly string[] = [
	'/desk/account?/elsewhere',
	'/desk/account?/language',
	'/desk/account?/password',
	'/desk/account/second-factor?/begin',
	'/desk/account/second-factor?/end',
	'/desk/account/second-factor?/remove',
	'/desk/confirm',
	'/desk?/undo'
];

/** The route and the action of a path that a form posts to. */
function actOf(path: string): { route: DeskRoute; action: string } {
	const [place = '', action = 'default'] = path.split('?/');
	const route = place
		.replace('/desk', '/desk/(signed-in)')
		.replace('/AREA', '/[area=area]')
		.replace(/\/(?:PERSON|ROUND|REFERRAL|REPORT)(?=\/|$)/, '/[id=uuid]') as DeskRoute;
	return { route, action };
}

/** Whether the tables let a role carry out what a path posts. */
function mayPost(who: Who, path: string): boolean {
	const { route, action } = actOf(path);
	const query = new URLSearchParams(action === 'default' ? '' : `/${action}`);
	return who !== 'nobody' && isRequestAllowed(who, { route, method: 'POST', query });
}

// A request refused because of its form got past the permission check: the role was let in.
function answerOf(status: number, location: string | undefined): Answer | number {
	if (status === 303 && location === '/desk/sign-in') return 'sign-in';
	if (status === 401 || status === 403) return 'forbidden';
	if (status === 404 || status === 410) return 'hidden';
	return status <= 400 || status === 405 ? 'in' : status;
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

	const routes = routesIn().map(({ route }) => route);
	expect(routes.filter((route) => EVERYBODY.some((who) => expected(route, who) === null))).toEqual([]);

	const listed = Object.entries(DESK_ACTIONS).flatMap(([route, names]) =>
		Object.keys(names ?? {}).map((action) => `${route} ${action}`)
	);
	const tried = [...ACTS.map(([path]) => path), ...OWN_ACTS].map((path) => {
		const { route, action } = actOf(path);
		return `${route} ${action}`;
	});
	expect([...new Set(tried)].sort()).toEqual(listed.sort());

	const found: string[] = [];
	for (const who of EVERYBODY) {
		const request = await context();
		await signedIn(request, who, origin);
		for (const route of routes) {
			// Streams never end, and signing out would end the session half-way through.
			const isStream = /\/(?:progress|here)$/.test(route) || route === '/desk/(signed-in)/live';
			if (route === '/desk/sign-out' || (isStream && expected(route, who) === 'in')) continue;
			const path = route
				.replace('/(signed-in)', '')
				.replace('cases/[id=uuid]', `cases/${person}`)
				.replace('rounds/[id=uuid]', `rounds/${round}`)
				.replace('[id=uuid]', '00000000-0000-4000-8000-000000000000')
				.replace('[token=token]', 'no-such-token')
				.replace('[page=page]', 'you')
				.replace('[area=area]', 'teams');
			// Passkeys need a host name in the address.
			const isPasskey = /\/passkeys?$/.test(route);
			const method =
				methodOfApi(route) ??
				(/\/(?:again|week|organisation\/logo)$/.test(route)
					? 'PUT'
					: isPasskey || /\/(?:submit|language)$/.test(route)
						? 'POST'
						: 'GET');
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
			const want = expected(route, who);
			const isClosed = got === 'forbidden' || got === 'sign-in';
			if (want === 'closed' ? !isClosed : got !== want)
				found.push(`${who} ${route}: ${got}, should be ${want}`);
		}
		await request.dispose();
	}
	expect(found).toEqual([]);

	// A role without the permission changes nothing, on a row that exists; nor does a clinician on someone else's referral.
	const acted: string[] = [];
	for (const who of ['nobody', 'reader', 'clinician'] as const) {
		const request = await context();
		await signedIn(request, who, origin);
		for (const [path, form] of ACTS) {
			const fill = (text: string) =>
				text
					.replaceAll('PERSON', person)
					.replaceAll('ROUND', round)
					.replaceAll('REFERRAL', KEY)
					.replaceAll('REPORT', KEY)
					.replaceAll('AREA', 'teams');
			const response = await request.post(fill(path), {
				headers: { origin, accept: 'application/json', 'x-sveltekit-action': 'true' },
				form: Object.fromEntries(Object.entries(form).map(([name, text]) => [name, fill(text)])),
				maxRedirects: 0
			});
			const body = await response.text();
			const told = JSON.parse(body || '{}') as { type?: string; status?: number; location?: string };
			const isClosed =
				(['failure', 'error'].includes(told.type ?? '') && [403, 404].includes(told.status ?? 0)) ||
				(told.type === 'redirect' && told.location === '/desk/sign-in');
			// Refused by the table itself, before the route runs anything.
			const isByTable = mayPost(who, path) || who === 'nobody' || told.type === 'error';
			if (!isClosed || !isByTable) acted.push(`${who} ${path}: ${body.slice(0, 80)}`);
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
		const undo = await request.delete('/desk/people/import', {
			headers: { origin },
			data: { import: KEY }
		});
		if (undo.status() !== 403) acted.push(`${who} undoing an import: ${undo.status()}`);
		await request.dispose();
	}
	expect(acted).toEqual([]);
	await coordinator.dispose();
});

test('a page that a role may not open says so, and leads to where the role begins', async ({ page }) => {
	await page.goto('/desk/sign-in');
	await page.getByLabel('Email address').fill('reader@lanterns.example');
	await page.getByLabel('Password').fill(ACCOUNT.password);
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);
	expect((await page.goto('/desk/people'))?.status()).toBe(403);
	await expect(page.getByRole('heading', { name: 'You don’t have access to this page' })).toBeVisible();
	await page.getByRole('link', { name: 'Go to your start page' }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
});
