import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** What an attack found; empty lists are what is wanted. */
export interface AttackFound {
	readonly requests: number;
	/** Of those, what came with a body: cut off, of another kind than it said, with values that nothing holds. */
	readonly bodies: number;
	/** Answers that say the server failed. */
	readonly failures: readonly string[];
	/** Answers that name someone whom the one who asked may not see. */
	readonly foreign: readonly string[];
	/** Pages on which what was sent stands as markup instead of as text, or that let scripts of others through. */
	readonly scripts: readonly string[];
}

/** Someone who attacks: with a session, with a personal link, or with nothing. */
interface Attacker {
	readonly name: string;
	readonly cookie: string;
	/** Addresses of people whom they may see. */
	readonly mayName: readonly string[];
}

/** Whole numbers below a bound, the same at each run. */
export function dice(seed: number) {
	let state = seed * 7919 + 1;
	const below = (n: number) => {
		state = (state * 48271) % 2147483647;
		return state % n;
	};
	return { below, of: <T>(list: readonly T[]): T => list[below(list.length)] as T };
}

type Dice = ReturnType<typeof dice>;

/** Every folder under the routes that answers by itself, as SvelteKit writes them. */
function routesIn(folder: string, at = ''): string[] {
	return readdirSync(join(folder, at)).flatMap((name) => {
		const path = join(at, name);
		if (statSync(join(folder, path)).isDirectory()) return routesIn(folder, path);
		return name === '+page.svelte' || name === '+server.ts' ? [`/${at}`] : [];
	});
}

/** Acts of a page's forms, by the file that carries them out. */
function actsOf(folder: string, route: string): string[] {
	try {
		const source = readFileSync(join(folder, route, '+page.server.ts'), 'utf8').split(
			'export const actions'
		)[1];
		return [...(source ?? '').matchAll(/^\t(\w+): /gm)].map(([, name = '']) =>
			name === 'default' ? '' : `?/${name}`
		);
	} catch {
		return [];
	}
}

/** Names that forms and bodies of the program use: what is sent under them goes furthest. */
function fieldNames(): string[] {
	const names = new Set<string>();
	for (const file of readdirSync('src', { recursive: true, encoding: 'utf8' }))
		if (/server.*\.ts$/.test(file))
			for (const [, name = ''] of readFileSync(join('src', file), 'utf8').matchAll(
				/^\t+(\w+): (?:Type\.|text|uuid|day|version)/gm
			))
				names.add(name);
	return [
		...names,
		// What narrows lists stands in addresses, not in forms.
		...[
			'from',
			'until',
			'act',
			'user',
			'person',
			'before',
			'money',
			'leaving',
			'answer',
			'day',
			'view',
			'by',
			'state',
			'after'
		],
		'stature',
		'thing.0.label',
		'pain.neck',
		'sign.chest-pain',
		'check.papers',
		'__proto__',
		'constructor'
	];
}

/** Markup that would run if it were read as such; each page is searched for it. */
const MARKUP = '<img src=x onerror=alert(1)>';

const VALUES: readonly string[] = [
	'',
	' ',
	'0',
	'-1',
	'1e309',
	'NaN',
	'9999-12-31',
	'0000-01-01',
	'2026-02-30',
	'1'.repeat(400),
	'a'.repeat(70_000),
	MARKUP,
	'"><script>alert(1)</script>',
	"'; drop table people; --",
	'%00',
	'\u0000',
	'\ud800',
	'../../etc/passwd',
	'{{7*7}}',
	'${7*7}',
	'javascript:alert(1)',
	'00000000-0000-4000-8000-000000000000',
	'{"$ne":null}',
	'[]',
	'Mars/Olympus',
	'\r\nSet-Cookie: a=b'
];

const TYPES = [
	'application/json',
	'application/x-www-form-urlencoded',
	'multipart/form-data; boundary=x',
	'text/plain',
	'application/x-ndjson',
	''
];

function jsonOf(d: Dice, names: readonly string[], depth = 0): unknown {
	const kind = d.below(depth > 3 ? 5 : 8);
	if (kind < 3) return d.of(VALUES);
	if (kind === 3) return d.of([null, true, -1, 1e300, 0.1]);
	if (kind === 4) return Array.from({ length: d.below(5) }, () => d.of(VALUES));
	if (kind === 5) return Array.from({ length: d.below(5) }, () => jsonOf(d, names, depth + 1));
	return Object.fromEntries(
		Array.from({ length: 1 + d.below(6) }, () => [d.of(names), jsonOf(d, names, depth + 1)])
	);
}

function bodyOf(d: Dice, names: readonly string[], type: string): string | Uint8Array<ArrayBuffer> {
	const kind = d.below(10);
	if (kind === 0) return Uint8Array.from({ length: d.below(600) }, () => d.below(256));
	if (kind === 1) return '['.repeat(d.of([10, 5000, 30_000]));
	if (kind === 2) return JSON.stringify(jsonOf(d, names)).slice(0, d.below(80));
	if (type.startsWith('application/x-www')) {
		const pairs = Array.from(
			{ length: 1 + d.below(8) },
			() => [d.of(names), d.of(VALUES)] as [string, string]
		);
		// A lone half of a letter can't be sent as text at all.
		return new URLSearchParams(pairs.map(([a, b]) => [a, b.toWellFormed()])).toString();
	}
	const body = JSON.stringify(kind > 6 ? { fields: jsonOf(d, names) } : jsonOf(d, names));
	return type === 'application/x-ndjson' ? `${body}\n${body}` : body;
}

/** What may stand in a path where the route has a parameter. */
function filled(d: Dice, route: string, ids: readonly string[], tokens: readonly string[]): string {
	return route
		.replace('/(signed-in)', '')
		.replaceAll(/\[\w+=uuid\]/g, () => d.of([...ids, 'x', encodeURIComponent(MARKUP)]))
		.replaceAll(/\[\w+=token\]/g, () => d.of([...tokens, 'no-such-token', '%2e%2e']))
		.replaceAll(/\[\w+=page\]/g, () => d.of(['you', 'plan', 'house', '%00', 'x'.repeat(300)]));
}

/** Addresses of the demo's accounts, which its pages name to everybody. */
const SHOWN = /^(?:coordinator|second|clinician|reader|nobody)@/;

const ADDRESS = /[a-z0-9.+-]+@lanterns\.example/g;

/**
 * Sends requests by chance over every route, method and role, and reads every answer.
 *
 * @param attackers who send them, in turn
 * @param ids of rows that exist, so that what is refused is refused for its role
 * @param tokens of personal links that exist; only who has one may use it
 */
async function attack({
	address,
	attackers,
	ids,
	n,
	seed
}: {
	readonly address: string;
	readonly attackers: readonly (Attacker & { readonly tokens: readonly string[] })[];
	readonly ids: readonly string[];
	readonly n: number;
	readonly seed: number;
}): Promise<AttackFound> {
	const d = dice(seed);
	const names = fieldNames();
	// Streams end only after minutes, and signing out ends what the rest rests on. The stand-in for a mail server is everybody's, in the demo alone.
	const routes = routesIn('src/routes').filter(
		(route) => !/\/(?:live|progress|follow|here)$|sign-out|withdraw$|^\/post/.test(route)
	);
	const targets = routes.flatMap((route) =>
		['', ...actsOf('src/routes', route)].map((act) => [route, act] as const)
	);
	const [failures, foreign, scripts]: [string[], string[], string[]] = [[], [], []];
	let bodies = 0;
	for (let i = 0; i < n; i += 1) {
		const who = d.of(attackers);
		const [route, act] = d.of(targets);
		const path = `${filled(d, route, ids, who.tokens)}${act}`;
		const method = d.of(['GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'PATCH']);
		const type = d.of(TYPES);
		if (method !== 'GET') bodies += 1;
		const query =
			method === 'GET' && act === ''
				? `?${d.of(names)}=${encodeURIComponent(d.of(VALUES).toWellFormed().slice(0, 2000))}`
				: '';
		const response = await fetch(`${address}${path}${query}`, {
			method,
			redirect: 'manual',
			headers: {
				origin: address,
				cookie: who.cookie,
				accept: d.of(['text/html', 'application/json']),
				...(type ? { 'content-type': type } : {})
			},
			...(method === 'GET' ? {} : { body: bodyOf(d, names, type) })
		});
		const text = await response.text();
		const told = `${who.name} ${method} ${path}${query.slice(0, 60)}`;
		if (response.status >= 500) failures.push(`${response.status} ${told}`);
		const named = (text.match(ADDRESS) ?? []).filter((one) => !SHOWN.test(one) && !who.mayName.includes(one));
		if (!who.mayName.includes('*') && named.length > 0) foreign.push(`${told}: ${named[0] ?? ''}`);
		if (!(response.headers.get('content-type') ?? '').includes('text/html')) continue;
		const policy = response.headers.get('content-security-policy') ?? '';
		const isOpen =
			response.status === 200 &&
			((!policy.includes("script-src 'self'") && !policy.includes("default-src 'self'")) ||
				policy.includes("'unsafe-inline'"));
		if (text.includes(MARKUP) || text.includes('<script>alert(1)') || isOpen) scripts.push(told);
	}
	return { requests: n, bodies, failures, foreign, scripts };
}

/** Signs in and gives the cookie of the session. */
export async function cookieOf(address: string, email: string, password: string): Promise<string> {
	const response = await fetch(`${address}/desk/sign-in`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin: address, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded' },
		body: new URLSearchParams({ email, password }).toString()
	});
	const cookies = response.headers.getSetCookie().map((cookie) => cookie.split(';')[0] ?? '');
	if (!cookies.some((cookie) => cookie.includes('session=')))
		throw new Error(`${email} could not sign in: ${response.status}`);
	return cookies.join('; ');
}

/** Everybody who attacks the demo, and the rows that they ask for. @param isTame without a coordinator, whose guesses could change what is there */
export async function demoAttack(
	address: string,
	{ n, seed, isTame }: { n: number; seed: number; isTame: boolean }
) {
	const password = 'tarn-valley-demo';
	const roles = ['reader', 'clinician', ...(isTame ? [] : ['coordinator'])];
	const signedIn = await Promise.all(
		roles.map(async (role) => ({
			name: role,
			cookie: await cookieOf(address, `${role}@lanterns.example`, password),
			mayName: role === 'coordinator' ? ['*'] : [],
			tokens: []
		}))
	);
	const coordinator = isTame
		? await cookieOf(address, 'coordinator@lanterns.example', password)
		: (signedIn.at(-1)?.cookie ?? '');
	const read = async (path: string) =>
		(await fetch(`${address}${path}`, { headers: { cookie: coordinator } })).text();
	const ids = [
		...new Set(
			[...(await read('/desk/people')).matchAll(/\/desk\/cases\/([0-9a-f-]{36})/g)].map(([, id = '']) => id)
		)
	].slice(0, 12);
	const letter = /href="(\/post\/[0-9a-f-]{36})"/.exec(await read('/post'))?.[1] ?? '';
	const page = await read(letter);
	const token = /\/c\/([\w-]{20,})/.exec(page)?.[1];
	const own = page.match(ADDRESS) ?? [];
	const attackers = [
		{ name: 'nobody', cookie: '', mayName: [], tokens: [] },
		...signedIn,
		...(token ? [{ name: 'a person', cookie: '', mayName: own, tokens: [token] }] : [])
	];
	return attack({ address, attackers, ids, n, seed });
}
