import { Agent, request as send } from 'node:http';
import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { IS_LONG_RUN } from '../tests/support/rotation';
import { agree, sendTo } from './support';

const KEY = '11111111-1111-4111-8111-111111111111';
const JSON_TYPE = { 'content-type': 'application/json' };

/** The answer is a refusal in words: 4xx, no stack trace, no file name. */
async function expectRefused(response: Awaited<ReturnType<APIRequestContext['fetch']>>, status?: number) {
	const body = await response.text();
	expect(response.status(), body.slice(0, 200)).toBeGreaterThanOrEqual(400);
	expect(response.status(), body.slice(0, 200)).toBeLessThan(500);
	if (status !== undefined) expect(response.status()).toBe(status);
	expect(body).not.toMatch(/node_modules|\bat \w+.*:\d+:\d+|\.ts:/);
	return body;
}

/** Sends requests as the page's browser would, but without its driver: thousands of them take seconds instead of a minute. */
async function requestsOf(page: Page, baseURL: string | undefined) {
	const cookies = await page.context().cookies();
	const cookie = cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
	return (path: string, options: RequestInit) =>
		fetch(new URL(path, baseURL), {
			...options,
			redirect: 'manual',
			headers: { ...options.headers, cookie }
		});
}

test('malformed saves are refused with the place, and nothing of them is kept', async ({ page, baseURL }) => {
	const { link } = await sendTo(page, 'Jonte Malformed');
	const early = await page.request.put(`${link}/draft`, {
		data: JSON.stringify({ fields: { stature: '164' } }),
		headers: JSON_TYPE
	});
	expect(await expectRefused(early, 403)).toContain('choose Start first');
	await agree(page, link);
	const put = (data: string | Buffer, headers: Record<string, string> = JSON_TYPE) =>
		page.request.put(`${link}/draft`, { data, headers });
	const good = await put(JSON.stringify({ fields: { stature: '164' } }));
	expect(good.status()).toBe(200);

	const field = (name: string, value: unknown) => JSON.stringify({ fields: { [name]: value } });
	const cases: readonly (readonly [string | Buffer, string?])[] = [
		['{"fields":'],
		[''],
		['null'],
		['[]'],
		['7'],
		['{}', '/fields'],
		['{"fields":[]}', '/fields'],
		['{"fields":{},"extra":1}', '/extra'],
		[field('stature', 164), '/fields/stature'],
		[field('stature', null), '/fields/stature'],
		[field('stature', { a: 1 }), '/fields/stature'],
		[field('stature', 'x'.repeat(201)), '/fields/stature'],
		[field('unknown', '1')],
		[field('thing.41.kind', 'book')],
		[field('stature', 'a\u0000b'), '/fields/stature'],
		['{"fields":{"stature":"\\ud800"}}', '/fields/stature'],
		['{"fields":{"__proto__":"x"}}'],
		[Buffer.from([0x7b, 0xff, 0xfe, 0x7d])],
		[Buffer.from('{"fields":{"stature":"\xff"}}', 'latin1')],
		[`{"fields":{"stature":"${'9'.repeat(5_000_000)}"}}`]
	];
	for (const [data, at] of cases) {
		const response = await put(data);
		const body = await expectRefused(response, data.length > 1_000_000 ? 413 : 400);
		if (at) expect((JSON.parse(body) as { at: string }).at).toBe(at);
	}
	await page.goto(`${link}`);
	await page.getByRole('button', { name: /Start|Continue/ }).click();
	await page.goto(`${link}/you`);
	await expect(page.locator('#stature')).toHaveValue('164');
	expect(baseURL).toBeTruthy();
});

test('no route answers a bad request with a failure of its own', async ({ page, baseURL }) => {
	const { link, caseUrl } = await sendTo(page, 'Kuno Fuzzer');
	const origin = { origin: baseURL ?? '' };
	const form = { ...origin, 'content-type': 'application/x-www-form-urlencoded' };
	const bodies: readonly (readonly [string | Buffer<ArrayBuffer>, Record<string, string>])[] = [
		['', form],
		['%', form],
		['a=%ff%fe', form],
		['name=%00&email=%00@x.y', form],
		['person=1;drop table people', form],
		['due=2026-02-30&version=0', form],
		['due=9999999-01-01&version=0', form],
		[`key=${KEY}&version=0&kind=look&due=0000-01-01`, form],
		[`key=${KEY}&version=0&kind=look&due=9999-12-31`, form],
		[`key=${KEY}&version=1&how=phone&result=no-answer&nextOn=0000-01-01`, form],
		[`key=${KEY}&version=1&how=phone&result=no-answer&nextOn=9999-12-31`, form],
		['name=x&email=x@y.example&version=1&timeZone=Nowhere/Land&country=ZZ', form],
		['due=2026-12-01&version=99999999999', form],
		['place=roof&done=maybe', form],
		['seatUnder=NaN&surface=1e9&keysOn=-5&screenTop=', form],
		['to=furlong', form],
		['way=slouched', form],
		['email=a&password=b&extra=c', form],
		['theme=pink&back=//elsewhere.example', form],
		['theme=dark&back=/\\elsewhere.example', form],
		['{"a":1}', { ...origin, ...JSON_TYPE }],
		[`{"fields":${'['.repeat(30_000)}${']'.repeat(30_000)}}`, { ...origin, ...JSON_TYPE }],
		[`key=${KEY}&version=1&how=phone&result=reached&closes.x=yes`, form],
		[Buffer.from([0xff, 0xfe, 0x00]), form],
		[Buffer.from('name=\xff&email=\xff', 'latin1'), form],
		['--x\r\nbroken', { ...origin, 'content-type': 'multipart/form-data; boundary=x' }],
		['a'.repeat(5_000_000), form],
		['x', { ...origin, 'content-type': 'text/plain' }]
	];
	const caseId = new URL(caseUrl).pathname.split('/').at(-1) ?? '';
	const routes = [
		'/desk?/settle',
		'/desk?/write',
		'/desk?/undo',
		'/desk/people?/bulk',
		'/desk/people?/save',
		'/desk/people/import',
		'/desk/rounds/new',
		'/desk/follow-ups?/move',
		'/desk/users?/invite',
		'/desk/users?/close',
		'/desk/password',
		'/desk/password/token',
		'/desk/people/new',
		`/desk/cases/${caseId}?/send`,
		`/desk/cases/${caseId}?/followUp`,
		`/desk/cases/${caseId}?/done`,
		`/desk/cases/${caseId}?/settle`,
		`/desk/cases/${caseId}?/contact`,
		`/desk/cases/${caseId}?/read`,
		`/desk/cases/${caseId}?/reopen`,
		`/desk/cases/${caseId}?/message`,
		`/desk/cases/${caseId}?/note`,
		`/desk/cases/${caseId}?/refer`,
		`/desk/cases/${caseId}?/writeReferral`,
		`/desk/cases/${caseId}?/endReferral`,
		`/desk/cases/${caseId}?/setUp`,
		`/desk/cases/${caseId}?/askFor`,
		'/desk/equipment?/count',
		`/desk/referrals/${caseId}?/writeReferral`,
		`/desk/referrals/${caseId}?/endReferral`,
		`/desk/cases/${caseId}?/equipment`,
		`/desk/cases/${caseId}?/person`,
		`${link}/messages`,
		`${link}/check-in`,
		`${link}/withdraw`,
		'/desk/sign-in',
		'/preferences',
		`${link}?/begin`,
		`${link}/you?/go`,
		`${link}/house?/add`,
		`${link}/house?/remove`,
		`${link}/you?/unit`,
		`${link}/plan?/tick`,
		`${link}/plan?/again`,
		`${link}/plan?/out`,
		`${link}/plan?/ask`,
		`${link}/plan?/renew`,
		`${link}/plan?/arrived`,
		`${link}/plan?/unit`,
		`${link}/plan?/habit`,
		`${link}/plan?/try`,
		`${link}/plan?/comfort`,
		`${link}/plan?/keep`,
		`${link}/style?/try`,
		`${link}/style?/keep`,
		`${link}/style?/stop`,
		`${link}/nothing?/here`,
		'/health'
	];
	expect(routes.length * bodies.length).toBeGreaterThan(1000);
	const ask = await requestsOf(page, baseURL);
	for (const route of routes) {
		for (const [body, headers] of bodies) {
			const response = await ask(route, { method: 'POST', body, headers });
			expect(response.status, `${route} ${String(body).slice(0, 40)}`).toBeLessThan(500);
			expect(await response.text()).not.toMatch(/node_modules| {4}at /);
		}
	}
	for (const path of [
		'/desk/cases/1',
		'/desk/cases/%00',
		'/%ff',
		'/c/%00',
		'/c/a%2fb',
		'/post/1',
		'/desk/people?q=%00&after=%00',
		'/desk/people?after=eyJ9',
		`/c/${'x'.repeat(4000)}`
	])
		expect((await page.request.get(path, { maxRedirects: 0 })).status(), path).toBeLessThan(500);
	expect((await page.request.get('/desk/people?q=%25_%5C')).status()).toBe(200);
});

test('what is refused unread is answered in full, and holds up nothing that comes after it on the same connection', async ({
	baseURL
}) => {
	const agent = new Agent({ keepAlive: true, maxSockets: 1 });
	const ask = (path: string, body: Buffer | null) =>
		new Promise<{ status: number; port: number }>((resolve, reject) => {
			const method = body ? 'POST' : 'GET';
			const headers = { origin: baseURL ?? '', 'content-type': 'application/x-www-form-urlencoded' };
			const asked = send(`${baseURL}${path}`, { agent, method, headers }, (response) => {
				const port = asked.socket?.localPort ?? 0;
				response.resume().on('end', () => resolve({ status: response.statusCode ?? 0, port }));
			});
			asked.on('error', reject).end(body ?? undefined);
		});
	const ports = new Set<number>();
	for (let i = 0; i < 3; i += 1) {
		const refused = await ask('/desk/people/new', Buffer.alloc(5_000_000, 'a'));
		const next = await ask('/health', null);
		// An address that redirects is answered before any route is matched.
		const elsewhere = await ask('/desk/people/', Buffer.alloc(150_000, 'a'));
		const last = await ask('/health', null);
		expect([refused, next, elsewhere, last].map(({ status }) => status)).toEqual([413, 200, 308, 200]);
		for (const { port } of [refused, next, elsewhere, last]) ports.add(port);
	}
	expect(ports.size).toBe(1);
	agent.destroy();
});

test('the desk is closed to who is not signed in, and to other sites', async ({ request, page, baseURL }) => {
	const { caseUrl } = await sendTo(page, 'Lotte Closed');
	const path = new URL(caseUrl).pathname;
	for (const closed of ['/desk', '/desk/people', '/desk/people/new', path]) {
		const response = await request.get(closed, { maxRedirects: 0 });
		expect(response.status(), closed).toBe(303);
		expect(response.headers().location).toBe('/desk/sign-in');
	}
	const post = await request.post(`${path}?/send`, {
		headers: {
			origin: baseURL ?? '',
			accept: 'text/html',
			'content-type': 'application/x-www-form-urlencoded'
		},
		data: '',
		maxRedirects: 0
	});
	expect(post.status()).toBe(303);
	const foreign = await page.request.post(`${path}?/send`, {
		headers: { origin: 'https://elsewhere.example', 'content-type': 'application/x-www-form-urlencoded' },
		data: ''
	});
	expect(foreign.status()).toBe(403);
});

test('guessing a password is slowed down', async ({ request, baseURL }) => {
	const guess = () =>
		request.post('/desk/sign-in', {
			headers: { origin: baseURL ?? '', accept: 'text/html' },
			form: { email: 'nobody@lanterns.example', password: 'guess' }
		});
	const statuses: number[] = [];
	for (let i = 0; i < 9; i += 1) statuses.push((await guess()).status());
	// Mistyping a few times costs nothing. After that each attempt has to wait, and an attempt made during the wait isn't checked.
	expect(statuses.slice(0, 5)).toEqual([400, 400, 400, 400, 400]);
	expect(statuses.slice(5)).toContain(429);
});

/** Malformed saves of each kind. */
const SAVES = IS_LONG_RUN ? 200 : 40;

test('many malformed saves of each kind: each refused with its field, nothing kept', async ({
	page,
	baseURL
}) => {
	const { link } = await sendTo(page, 'Zoe Twohundred');
	await agree(page, link);
	const ask = await requestsOf(page, baseURL);
	const put = (fields: Record<string, unknown>, path = 'draft') =>
		ask(`${link}/${path}`, { method: 'PUT', body: JSON.stringify({ fields }), headers: JSON_TYPE });
	expect((await put({ stature: '171' })).status).toBe(200);
	/** One field of each kind, and values it must never accept. */
	const kinds: readonly (readonly [name: string, wrong: (i: number) => unknown])[] = [
		['stature', (i) => [i, null, true, {}, [], 'x'.repeat(201 + i)][i % 6]],
		['lenses', (i) => `monocle-${i}`],
		['check.place', (i) => `moon-${i}`],
		['sign.chest-pain', (i) => ['maybe', 1, `y${i}`][i % 3]],
		['pain.neck.worst', (i) => [String(11 + i), i, `${i}.5`][i % 3]],
		['pain.neck.days', (i) => [String(8 + i), `-${i}`][i % 2]],
		['tick.seat', (i) => `done-${i}`],
		['cant.seatHeight', (i) => i],
		// Someone's own height is always asked for: nothing could stand in for it.
		['cant.stature', (i) => ['yes', 'no'][i % 2]],
		['thing.0.label', (i) => 'y'.repeat(201 + i)],
		['out.t3', (i) => `no-${i}`],
		['pads.pillow', (i) => String(i)]
	];
	for (const [name, wrong] of kinds)
		for (let from = 0; from < SAVES; from += 20) {
			const batch = Array.from({ length: 20 }, (_, i) => put({ heel: '1', [name]: wrong(from + i) }));
			for (const response of await Promise.all(batch)) {
				expect(response.status, name).toBe(400);
				expect(((await response.json()) as { at: string }).at).toBe(`/fields/${name}`);
			}
		}
	for (let from = 0; from < SAVES; from += 20) {
		const wrong = (i: number) => [i, null, 'z'.repeat(41 + i), [i], { i }][i % 5];
		const batch = Array.from({ length: 20 }, (_, i) => put({ keysOn: wrong(from + i) }, 'again'));
		for (const response of await Promise.all(batch)) {
			expect(response.status).toBe(400);
			expect(((await response.json()) as { at: string }).at).toBe('/fields/keysOn');
		}
	}
	const { answers } = (await (await page.request.get(`${link}/draft`)).json()) as { answers: object };
	// What colleagues have measured of pads is there from the start, and nobody's to send.
	const sent = Object.entries(answers).filter(([name]) => !name.startsWith('pads.'));
	expect(Object.fromEntries(sent)).toEqual({ stature: '171' });
});
