import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { randomCorner } from '../tests/support/random-corner';
import { randomFile } from '../tests/support/random-file';
import { assessCaseRecord } from '../src/lib/core/cases/case-assessment/assess-case-record';
import { SHIPPED_RULES } from '../src/lib/core/platform/rules/shipped-rules';
import type { adviseCorner } from '../src/lib/core/plan/advice/advise-corner';
import { planCorner } from '../src/lib/core/plan/plan-corner';
import { cornerSchema } from '../src/lib/core/workstation/corner/corner-schema';
import { LARGEST_DOCUMENT_BYTES, readDocument, readLines } from './read-input';
import { runCommand } from './run-command';

const good = readFileSync('tests/data/corners/short-person-high-table.json');

async function* chunksOf(bytes: Uint8Array, size: number): AsyncGenerator<Uint8Array> {
	for (let from = 0; from < bytes.length; from += size) yield bytes.subarray(from, from + size);
}

async function run(args: string[], input: Uint8Array | string, chunk = 1000) {
	const bytes = typeof input === 'string' ? new TextEncoder().encode(input) : input;
	let [out, err] = ['', ''];
	const code = await runCommand(args, {
		document: (largestBytes) => readDocument(chunksOf(bytes, chunk), largestBytes),
		lines: () => readLines(chunksOf(bytes, chunk)),
		out: (text) => (out += text),
		err: (text) => (err += text)
	});
	return { code, out, err };
}

describe('core plan', () => {
	it('prints one JSON document and nothing else', async () => {
		const { code, out, err } = await run(['plan'], good);
		expect({ code, err }).toEqual({ code: 0, err: '' });
		const report = JSON.parse(out) as ReturnType<typeof planCorner>;
		expect(report.format).toBe('easy-corner.plan/2');
		expect(report.plans).toHaveLength(3);
		expect(report.before.map((check) => [check.id, check.value])).toEqual([
			['knee', 37],
			['elbow', -94],
			['eye', -222],
			['thigh', 120]
		]);
		expect(report.plans[0]?.stations.feet).toEqual({
			rise: 84,
			pieces: [
				{ id: 'b1', mode: 'flat', rise: 42, size: [330, 250] },
				{ id: 'b1#2', mode: 'flat', rise: 42, size: [330, 250] }
			]
		});
	});

	it('says that it is proven, and what each plan leaves open', async () => {
		const report = JSON.parse((await run(['plan'], good)).out) as ReturnType<typeof planCorner>;
		expect(report.proven).toBe(true);
		for (const { after, open } of report.plans)
			expect(open.map(({ id }) => id)).toEqual(
				after
					.filter((c) => c.verdict !== 'fits' && (c.value < c.low || c.value > (c.high ?? Infinity)))
					.map(({ id }) => id)
			);
	});

	it('advises: the plan’s numbers, with the ladder, what else would help, what to do first and what is beside the heights', async () => {
		const { format, ...plan } = JSON.parse((await run(['plan'], good)).out) as { format: string };
		expect(format).toBe('easy-corner.plan/2');
		const { code, out } = await run(['advise'], good);
		const advice = JSON.parse(out) as ReturnType<typeof adviseCorner>;
		expect(code).toBe(0);
		expect(advice).toMatchObject(plan);
		expect(advice).toMatchObject({ format: 'easy-corner.advise/2', laptop: null });
		expect(advice.first.length).toBeGreaterThan(0);
		expect(advice.findings.map(({ finding }) => finding)).toContain('keys-too-high');
		expect((await run(['advise'], '{}')).code).toBe(2);
	});

	it('prints the checklist without a document', async () => {
		const checklist = JSON.parse((await run(['checklist'], '')).out) as { version: number; items: unknown[] };
		expect(checklist.version).toBe(3);
		expect(checklist.items.length).toBeGreaterThan(50);
		expect((await run(['checklist', '--lines'], '')).code).toBe(2);
	});

	it('reads one document a line and answers a line each, in order, bad ones in their place', async () => {
		const documents = Array.from({ length: 20 }, (_, seed) =>
			randomCorner(seed, { rigid: 5, soft: 2, span: 0 })
		);
		const lines = documents.map((document) => JSON.stringify(document));
		lines.splice(3, 0, 'not json', JSON.stringify({ ...documents[0], way: 'x' }), '');
		const { code, out } = await run(['plan', '--lines'], lines.join('\n'), 777);
		const answers = out
			.trimEnd()
			.split('\n')
			.map((line) => JSON.parse(line) as { error?: string; at?: string });
		expect(code).toBe(0);
		expect(answers).toHaveLength(23);
		expect(answers.slice(3, 6).map((a) => a.at)).toEqual(['', '/way', '']);
		expect(answers[6]).toEqual(JSON.parse(JSON.stringify(planCorner(documents[3] as (typeof documents)[0]))));
	});
});

describe('core check and schema', () => {
	it('check prints the same without plans', async () => {
		const plan = JSON.parse((await run(['plan'], good)).out) as Record<string, unknown>;
		const check = JSON.parse((await run(['check'], good)).out) as Record<string, unknown>;
		delete plan.plans;
		delete plan.proven;
		delete plan.isBoundByThigh;
		expect(check).toEqual(plan);
	});

	it('schema prints the schema', async () => {
		expect(JSON.parse((await run(['schema'], '')).out)).toEqual(JSON.parse(JSON.stringify(cornerSchema)));
	});
});

describe('core fhir', () => {
	it('reads a bundle, larger than other documents may be, and counts what is not ours', async () => {
		const foreign = { resource: { resourceType: 'Basic', text: 'x'.repeat(2 * LARGEST_DOCUMENT_BYTES) } };
		const read = await run(['fhir'], JSON.stringify({ resourceType: 'Bundle', entry: [foreign] }));
		expect(read).toMatchObject({ code: 0, err: '' });
		expect(JSON.parse(read.out)).toEqual({ records: [], skipped: 1 });
	});

	it('names the place of what is wrong', async () => {
		const identifier = [{ system: 'urn:easy-corner:fhir:person', value: '7' }];
		const patient = { resource: { resourceType: 'Patient', identifier, id: '7', name: [{ text: 'A' }] } };
		const { code, err, out } = await run(
			['fhir'],
			JSON.stringify({ resourceType: 'Bundle', entry: [patient] })
		);
		expect([code, out, (JSON.parse(err) as { at: string }).at]).toEqual([2, '', '/entry/0/resource/id']);
	});
});

describe('bad input', () => {
	const invalidUtf8 = Uint8Array.from([...good.subarray(0, 40), 0xff, 0xfe, ...good.subarray(40)]);
	it.each([
		['broken JSON', '{"format":', ''],
		['nothing', '', ''],
		['NaN', good.toString().replace('1640', 'NaN'), ''],
		['broken UTF-8', invalidUtf8, ''],
		['5 MB', `"${'x'.repeat(5_000_000)}"`, ''],
		['a key too many', good.toString().replace('"heel"', '"sole": 1, "heel"'), '/person/sole'],
		['a number in words', good.toString().replace('1640', '"1640"'), '/person/stature']
	])('%s: exit 2, one line that names the place, nothing on standard output', async (_, input, at) => {
		for (const command of ['plan', 'check']) {
			const { code, out, err } = await run([command], input, 65_536);
			expect({ code, out }).toEqual({ code: 2, out: '' });
			expect(err.trimEnd().split('\n')).toHaveLength(1);
			const fault = JSON.parse(err) as { error: string; at: string };
			expect(fault.at).toBe(at);
			expect(fault.error).not.toMatch(/\.ts|node_modules| at /);
		}
	});

	it.each([[[]], [['constructor']], [['plan', '--fast']], [['schema', '--lines']]])(
		'wrong words %j: exit 2',
		async (args) => {
			expect((await run(args, good)).code).toBe(2);
		}
	);

	it('a line too long is a fault of that line alone', async () => {
		const lines = `${good.toString().replace(/\s+/g, ' ')}\n"${'x'.repeat(LARGEST_DOCUMENT_BYTES)}"\n${good.toString().replace(/\s+/g, ' ')}\n`;
		const answers = (await run(['check', '--lines'], lines, 65_536)).out.trimEnd().split('\n');
		expect(answers).toHaveLength(3);
		expect(JSON.parse(answers[1] ?? '')).toMatchObject({ at: '' });
		expect(answers[0]).toBe(answers[2]);
	});
});

describe('core judge', () => {
	const files = Array.from({ length: 20 }, (_, seed) => randomFile(seed + 900));

	it('prints the assessment result of a file, and of each line of many', async () => {
		const wanted = files.map((file) => JSON.stringify(assessCaseRecord(file, SHIPPED_RULES)));
		const [first] = files;
		expect(await run(['judge'], JSON.stringify(first))).toEqual({ code: 0, err: '', out: `${wanted[0]}\n` });
		const lines = files.map((file) => JSON.stringify(file)).join('\n');
		expect((await run(['judge', '--lines'], lines)).out).toBe(`${wanted.join('\n')}\n`);
	});

	it('names the place of what is wrong, prints nothing, and goes on with the next line', async () => {
		const [good] = files;
		const faults: [object, string][] = [
			[{ ...good, today: '2026-02-30' }, '/today'],
			[{ ...good, place: { country: 'GB' } }, '/place/region'],
			[{ ...good, waiting: [{ what: 'gold', since: '2026-01-01' }] }, '/waiting/0/what'],
			[{ ...good, more: 1 }, '/more']
		];
		for (const [bad, at] of faults) {
			const { code, out, err } = await run(['judge'], JSON.stringify(bad));
			expect({ code, out }, at).toEqual({ code: 2, out: '' });
			expect(JSON.parse(err)).toMatchObject({ at });
		}
		const lines = `${JSON.stringify(faults[0]?.[0])}\n${JSON.stringify(good)}\n`;
		const [bad, fine] = (await run(['judge', '--lines'], lines)).out.trim().split('\n');
		expect(JSON.parse(bad ?? '')).toMatchObject({ at: '/today' });
		expect(fine).toBe(JSON.stringify(assessCaseRecord(good!, SHIPPED_RULES)));
	});

	it('has its formats as JSON Schema', async () => {
		for (const [name, format] of [
			['file', 'easy-corner.file/2'],
			['judgement', 'easy-corner.judgement/2']
		])
			expect((await run(['schema', name ?? ''], '')).out).toContain(format);
	});
});
