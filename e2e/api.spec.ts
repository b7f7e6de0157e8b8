import { readFileSync } from 'node:fs';
import { Validator } from '@seriousme/openapi-schema-validator';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { expect, request as requests, type APIRequestContext, type Page } from '@playwright/test';
import { API_OPERATIONS } from '../src/lib/core/platform/api/operations';
import { deskTest as test, hydrated, linkOf, signIn } from './support';

/** Makes a token on the page of the account. @param ticks what it may do, in the words of the page */
async function makeToken(page: Page, name: string, ticks: readonly string[]): Promise<string> {
	await page.goto('/desk/account/tokens');
	await hydrated(page);
	await page.getByLabel('Name', { exact: true }).fill(name);
	const may = page.getByRole('group', { name: 'It may …' });
	for (const words of ticks) await may.getByText(words).click();
	await page.getByRole('button', { name: 'Make token' }).click();
	await expect(page.getByRole('status')).toContainText('shown only this once');
	const [token = ''] = /easy_corner_\S+/.exec((await page.getByRole('status').textContent()) ?? '') ?? [];
	return token;
}

const ALL = [
	'read people’s details',
	'add people, change their details',
	'send self-assessments',
	'read rounds and how many have answered',
	'make rounds, start and pause them',
	'read results: levels'
];

/** A program with a token, without any cookie. */
async function programOf(page: Page, token: string): Promise<APIRequestContext> {
	const { origin } = new URL(page.url());
	const extraHTTPHeaders: Record<string, string> = token ? { authorization: `Bearer ${token}` } : {};
	return requests.newContext({ baseURL: `${origin}/api/v1/`, extraHTTPHeaders });
}

/**
 * The shape of a value beside another: names and types, for lists those of the first entry. What one of them leaves empty may be anything in
 * the other; whether it may be is for the schema.
 */
function shapeOf(value: unknown, other: unknown): unknown {
	if (Array.isArray(value) && Array.isArray(other))
		return value.slice(0, 1).map((one) => shapeOf(one, other[0]));
	if (value && other && typeof value === 'object' && typeof other === 'object') {
		if (Object.keys(other).length === 0) return {};
		return Object.fromEntries(
			Object.entries(value).map(([name, inner]) => [
				name,
				shapeOf(inner, (other as Record<string, unknown>)[name])
			])
		);
	}
	return value === null || other === null ? 'null or a value' : typeof value;
}

interface Example {
	readonly method: string;
	readonly path: string;
	readonly body: string;
	readonly status: number;
	readonly answer: unknown;
}

/** The examples of the page about the API, in their order. */
function examplesOf(page: string): Example[] {
	const pairs = page.matchAll(/```http\n(\w+) (\S+)\n([\s\S]*?)```\s+```json (\d+)\n([\s\S]*?)```/g);
	return [...pairs].map(([, method = '', path = '', body = '', status, answer = '']) => ({
		method,
		path: path.slice(1),
		body: body.trim(),
		status: Number(status),
		answer: JSON.parse(answer)
	}));
}

const ajv = new Ajv2020({ strict: false, validateFormats: false });

test('the examples of the API’s page do what it says, and answer as its description has it', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/account');
	await page.getByRole('link', { name: 'API tokens' }).click();
	const program = await programOf(page, await makeToken(page, 'Examples', ALL));
	const described = await program.get('openapi.json');
	const document = (await described.json()) as {
		paths: Record<
			string,
			Record<string, { responses: Record<string, { content: Record<string, { schema: object }> }> }>
		>;
		components: object;
	};
	const { valid, errors } = await new Validator().validate(document);
	expect(valid, JSON.stringify(errors)).toBe(true);
	const examples = examplesOf(readFileSync('docs/api.md', 'utf8'));
	expect(examples).toHaveLength(14);
	// What the examples call {id} and {round}, as the answers before named them.
	const known: Record<string, string> = {};
	const filled = (text: string) =>
		text.replaceAll(/\{(id|round|reaches)\}/g, (_, name: string) => known[name] ?? '');
	const tried = new Set<string>();
	for (const { method, path, body, status, answer } of examples) {
		const response = await program.fetch(filled(path), {
			method,
			...(body ? { data: JSON.parse(filled(body)) as object } : {})
		});
		const given = (await response.json()) as Record<string, unknown>;
		expect(response.status(), `${method} ${path}: ${JSON.stringify(given)}`).toBe(status);
		expect(shapeOf(given, answer), `${method} ${path}`).toEqual(shapeOf(answer, given));
		if (typeof given['id'] === 'string') known[path.startsWith('rounds') ? 'round' : 'id'] = given['id'];
		if (typeof given['reaches'] === 'number') known['reaches'] = String(given['reaches']);
		const [template = ''] = path.replace('{round}', '{id}').split('?');
		const told = document.paths[`/${template}`]?.[method.toLowerCase()]?.responses[String(status)];
		const schema = Object.values(told?.content ?? {})[0]?.schema ?? {};
		const validate = ajv.compile({ ...schema, components: document.components });
		expect(validate(given), `${method} ${path}: ${JSON.stringify(validate.errors)}`).toBe(true);
		tried.add(`${method.toLowerCase()} /${template}`);
	}
	// Every operation has an example, and the description every operation.
	const all = Object.values(API_OPERATIONS).map(({ method, path }) => `${method} ${path}`);
	expect([...tried].sort()).toEqual(all.filter((one) => one !== 'get /people/{id}').sort());
	// What is closed can't be started, nor can what was changed in the meantime.
	for (const data of [
		{ version: 4, expected: 1 },
		{ version: 1, expected: 1 }
	])
		expect((await program.post(`rounds/${known['round']}/start`, { data })).status()).toBe(409);
	expect((await program.get('rounds/none')).status()).toBe(404);
	// Someone who has answered has a result that holds to the schema.
	const link = await linkOf(page, 'Mirela Oakhanger');
	expect(link).toContain('/c/');
	const { items } = (await (await program.get('people?q=mirela')).json()) as { items: { id: string }[] };
	const result = (await (await program.get(`people/${items[0]?.id}/result`)).json()) as {
		result: { level: string };
	};
	const validate = ajv.compile(API_OPERATIONS.getResult.answer);
	expect(validate(result), JSON.stringify(validate.errors)).toBe(true);
	expect(result.result.level).not.toBe('');
	// What a program did is in the audit log as its owner's.
	await page.goto('/desk/record?act=person-added');
	await expect(page.getByRole('row').filter({ hasText: 'Ina Programme' })).toContainText('Oriel Thatchmere');
});

test('a token does what it was given and no more, and nothing once it was ended', async ({ page }) => {
	await signIn(page);
	const token = await makeToken(page, 'Reads only', ['read people’s details']);
	const program = await programOf(page, token);
	const refused = async (path: string, status: number, at?: string, options = {}) => {
		const response = await program.fetch(path, options);
		const problem = (await response.json()) as { status: number; detail: string; at?: string };
		expect(response.status(), `${path}: ${JSON.stringify(problem)}`).toBe(status);
		expect(response.headers()['content-type']).toContain('application/problem+json');
		expect(problem).toMatchObject({ status, ...(at ? { at } : {}) });
		expect(problem.detail.length).toBeGreaterThan(10);
	};
	const { items, next } = (await (await program.get('people')).json()) as {
		items: { id: string }[];
		next: string;
	};
	expect(items).toHaveLength(50);
	const second = (await (await program.get(`people?cursor=${encodeURIComponent(next)}`)).json()) as {
		items: { id: string }[];
	};
	expect(second.items.filter(({ id }) => items.some((one) => one.id === id))).toEqual([]);
	const one = `people/${items[0]?.id}`;
	expect((await program.get(one)).status()).toBe(200);
	await refused(one, 403, undefined, { method: 'PUT', data: {} });
	await refused(`${one}/result`, 403);
	await refused(`${one}/assessments`, 403, undefined, { method: 'POST', data: {} });
	await refused('rounds', 403);
	await refused('rounds', 403, undefined, { method: 'POST', data: {} });
	await refused(`${one}/leave`, 403, undefined, { method: 'POST', data: {} });
	await refused('people?name=x', 400, '/name');
	await refused('people?state=asleep', 400, '/state');
	await refused('people/none', 404);
	await refused('people/00000000-0000-4000-8000-000000000000', 404);

	const changes = await programOf(
		page,
		await makeToken(page, 'Changes', ['add people, change their details'])
	);
	const bad = async (data: object, at: string) => {
		const response = await changes.post('people', { data });
		expect(response.status()).toBe(400);
		expect(await response.json()).toMatchObject({ at });
	};
	await bad({ name: 'No address' }, '/email');
	await bad({ name: 'X', email: 'no address' }, '/email');
	await bad({ name: 'X', email: 'x@lanterns.example', level: 'done' }, '/level');

	for (const wrong of ['', 'easy_corner_wrong']) {
		const stranger = await programOf(page, wrong);
		const response = await stranger.get('people');
		expect(response.status()).toBe(401);
		expect(response.headers()['www-authenticate']).toBe('Bearer');
	}
	// A cookie is no token, and a token no cookie.
	expect((await page.request.get('/api/v1/people')).status()).toBe(401);
	const { origin } = new URL(page.url());
	const asUser = await program.get(`${origin}/desk/people`, { maxRedirects: 0 });
	expect(asUser.status()).toBe(303);

	await page.goto('/desk/account/tokens');
	await hydrated(page);
	await page.getByRole('button', { name: 'End: Reads only' }).first().click();
	await expect(page.getByRole('button', { name: 'End: Reads only' })).toHaveCount(0);
	await refused('people', 401);
});
