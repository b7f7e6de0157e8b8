import { describe, expect, it } from 'vitest';
import { splitRows } from './split-rows';

/** Reproducible numbers from 0 to 1. */
function chance(seed: number): () => number {
	let state = seed;
	return () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
}

async function* inChunks(bytes: Buffer, random: () => number): AsyncGenerator<Buffer> {
	for (let at = 0; at < bytes.length;) {
		const n = 1 + Math.floor(random() * 9);
		yield bytes.subarray(at, at + n);
		at += n;
	}
}

/** A row of CSV with quoted line breaks and quotes in it. */
const row = (random: () => number): string =>
	Array.from({ length: 3 }, () => {
		const text = Array.from(
			{ length: Math.floor(random() * 6) },
			() => 'ab"\n, é'[Math.floor(random() * 7)] ?? ''
		).join('');
		return /[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
	}).join(',');

describe('rows in parts', () => {
	it('are whole, none lost, none twice, however the bytes arrive', async () => {
		for (let seed = 1; seed <= 300; seed += 1) {
			const random = chance(seed);
			const rows = Array.from({ length: Math.floor(random() * 12) }, () => `${row(random)}\n`);
			const bytes = Buffer.from(rows.join(''));
			const parts: { bytes: Buffer; rows: number }[] = [];
			for await (const part of splitRows(inChunks(bytes, random), { hasQuotes: true, leastBytes: 15 }))
				parts.push(part);
			expect(Buffer.concat(parts.map((part) => part.bytes)).equals(bytes)).toBe(true);
			let at = 0;
			for (const part of parts) {
				expect(part.bytes.toString()).toBe(rows.slice(at, at + part.rows).join(''));
				at += part.rows;
			}
			expect(at).toBe(rows.length);
			for (const part of parts.slice(0, -1)) expect(part.bytes.length).toBeGreaterThanOrEqual(15);
		}
	});

	it('of documents end at each line break: a quote is a letter there', async () => {
		const parts: string[] = [];
		const random = chance(7);
		for await (const { bytes } of splitRows(inChunks(Buffer.from('{"a":"\\""}\n{"b":1}\n'), random), {
			hasQuotes: false,
			leastBytes: 1
		}))
			parts.push(bytes.toString());
		expect(parts).toEqual(['{"a":"\\""}\n', '{"b":1}\n']);
	});
});
