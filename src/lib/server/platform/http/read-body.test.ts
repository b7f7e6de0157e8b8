import { Type } from 'typebox';
import { describe, expect, it } from 'vitest';
import { saveSchema } from '../../questionnaire/assessments/answer-schema';
import { DomainError } from '../domain-error';
import { errorText } from '../../../messages/error-text';
import { formReader, jsonReader, MAX_BODY_BYTES, listReader } from './read-body';

const json = (body: BodyInit, headers: Record<string, string> = {}) =>
	new Request('http://door.example/', {
		method: 'PUT',
		body,
		headers: { 'content-type': 'application/json', ...headers }
	});
const form = (body: string, type = 'application/x-www-form-urlencoded') =>
	new Request('http://door.example/', { method: 'POST', body, headers: { 'content-type': type } });

/** What a reader refuses, and where; null where it takes it. */
async function refusal(
	work: Promise<unknown>
): Promise<(Pick<DomainError, 'kind' | 'at'> & { words: string }) | null> {
	try {
		await work;
		return null;
	} catch (error) {
		if (error instanceof DomainError) return { kind: error.kind, at: error.at, words: errorText(error.why) };
		throw error;
	}
}

describe('jsonReader', () => {
	const read = jsonReader(saveSchema);

	it('gives what fits its schema', async () => {
		const fields = { stature: '164', 'thing.0.label': 'Zoë’s crate 📦', unit: 'cm' };
		expect(await read(json(JSON.stringify({ fields })))).toEqual({ fields });
	});

	// The page that saves goes by this place: it keeps all other answers (autosave.svelte.ts).
	it('names the field that is at fault as /fields/NAME, whatever is wrong with it', async () => {
		const faults: [name: string, value: unknown][] = [
			['thing.0.label', 'x'.repeat(201)],
			['thing.0.label', 'a\ufffdb'],
			['thing.0.label', 'half \ud83d'],
			['stature', 164],
			['unit', 'furlong'],
			['no-such-field', '1']
		];
		for (const [name, value] of faults) {
			const refused = await refusal(read(json(JSON.stringify({ fields: { heel: '1', [name]: value } }))));
			expect(refused).toMatchObject({ kind: 'invalid', at: `/fields/${name}` });
		}
	});

	it('never repeats what was typed', async () => {
		const secret = 'my secret pain '.repeat(20);
		const refused = await refusal(read(json(JSON.stringify({ fields: { stature: secret } }))));
		expect(refused?.words).not.toContain('secret');
	});

	it('refuses what is no JSON, no text, or too much', async () => {
		expect(await refusal(read(json('{"fields":')))).toMatchObject({ kind: 'invalid' });
		expect(await refusal(read(json(new Uint8Array([0x7b, 0xff, 0x7d]))))).toMatchObject({ kind: 'invalid' });
		const much = JSON.stringify({ fields: { stature: 'x'.repeat(MAX_BODY_BYTES) } });
		expect(await refusal(read(json(much)))).toMatchObject({ kind: 'too-large' });
		// By what is shown before anything is read, too.
		const told = { 'content-length': String(MAX_BODY_BYTES + 1) };
		expect(await refusal(read(json('{}', told)))).toMatchObject({ kind: 'too-large' });
	});

	it('counts a body that comes in pieces as it reads, and reads no further than what it takes', async () => {
		let sent = 0;
		const endless = new ReadableStream<Uint8Array>({
			pull(controller) {
				sent += 65_536;
				controller.enqueue(new Uint8Array(65_536).fill(0x20));
			}
		});
		const body = { method: 'PUT', body: endless, duplex: 'half' } as RequestInit;
		const request = new Request('http://door.example/', body);
		expect(await refusal(read(request))).toMatchObject({ kind: 'too-large' });
		expect(sent).toBeLessThanOrEqual(MAX_BODY_BYTES + 3 * 65_536);
	});

	it('refuses what is nested so deeply that reading on would break', async () => {
		const deep = (depth: number) => `{"fields":${'['.repeat(depth)}${']'.repeat(depth)}}`;
		expect(await refusal(read(json(deep(20_000))))).toMatchObject({ kind: 'invalid', at: '' });
		expect(await refusal(read(json(deep(20))))).toMatchObject({ kind: 'invalid', at: '/fields' });
	});

	it('takes names of the language itself for what they are: no field', async () => {
		for (const name of ['__proto__', 'constructor', 'toString']) {
			const body = `{"fields":{"${name}":"1"}}`;
			expect(await refusal(read(json(body)))).toMatchObject({ kind: 'invalid', at: `/fields/${name}` });
		}
	});
});

describe('formReader', () => {
	const read = formReader({
		name: Type.String({ maxLength: 5 }),
		tick: Type.Optional(Type.Enum(['yes', 'no']))
	});

	it('takes the last of a field that is sent twice, as a hidden default before a box', async () => {
		expect({ ...(await read(form('name=Ada&tick=no&tick=yes'))) }).toEqual({ name: 'Ada', tick: 'yes' });
	});

	it('reads what browsers encode', async () => {
		expect((await read(form('name=Z%C3%B6+%26'))).name).toBe('Zö &');
	});

	it('refuses missing, unknown and long fields at their place, and other kinds of bodies', async () => {
		expect(await refusal(read(form('tick=yes')))).toMatchObject({ at: '/name' });
		expect(await refusal(read(form('name=Ada&more=1')))).toMatchObject({ at: '/more' });
		expect(await refusal(read(form('name=Adelaide')))).toMatchObject({ at: '/name' });
		expect(await refusal(read(form('name=a%00b')))).toMatchObject({ at: '/name' });
		expect(await refusal(read(form('{"name":"Ada"}', 'application/json')))).toMatchObject({
			kind: 'invalid'
		});
	});
});

describe('listReader', () => {
	const read = listReader(
		Type.Object({ of: Type.String() }, { additionalProperties: false }),
		Type.Array(Type.String()),
		{
			bytes: 100_000,
			lines: 3000
		}
	);
	/** A body that comes in pieces of so many bytes, wherever a line or a letter ends. */
	const inPieces = (text: string, size: number) => {
		const bytes = new TextEncoder().encode(text);
		const body = new ReadableStream({
			start(controller) {
				for (let at = 0; at < bytes.length; at += size) controller.enqueue(bytes.slice(at, at + size));
				controller.close();
			}
		});
		return new Request('http://door.example/', { method: 'POST', body, duplex: 'half' } as RequestInit);
	};

	it('gives the same however the body comes in', async () => {
		const linesOf = (n: number) => Array.from({ length: n }, (_, i) => [`Zoë ${i}`, '📦']);
		const textOf = (n: number) =>
			[{ of: 'this' }, ...linesOf(n)].map((line) => JSON.stringify(line)).join('\n');
		for (const [size, n] of [
			[1, 100],
			[7, 300],
			[1000, 2500],
			[1_000_000, 2500]
		] as const)
			expect(await read(inPieces(textOf(n), size)), `${size} bytes`).toEqual({
				head: { of: 'this' },
				lines: linesOf(n)
			});
		expect((await read(inPieces(`${textOf(2500)}\n`, 64))).lines).toHaveLength(2500);
	});

	it('names the line that is at fault, and takes nothing too long', async () => {
		const body = (...lines: string[]) => inPieces(['{"of":"x"}', ...lines].join('\n'), 9);
		expect(await refusal(read(body('["a"]', '[1]')))).toMatchObject({ kind: 'invalid', at: '/lines/1/0' });
		expect(await refusal(read(body('["a\\u0000"]')))).toMatchObject({ kind: 'invalid' });
		for (const odd of ['[', 'x', '"', '[['.repeat(500)])
			expect(await refusal(read(body(odd))), odd.slice(0, 9)).toMatchObject({ kind: 'invalid' });
		expect(await refusal(read(body()))).toMatchObject({ kind: 'invalid' });
		expect(await refusal(read(inPieces('', 1)))).toMatchObject({ kind: 'invalid' });
		expect(await refusal(read(body(...Array<string>(3001).fill('["a"]'))))).toMatchObject({
			kind: 'too-large'
		});
		expect(await refusal(read(body(`["${'a'.repeat(100_000)}"]`)))).toMatchObject({ kind: 'too-large' });
	});
});
