import { describe, expect, it } from 'vitest';
import { BANK_CARD_MM, pixelsPerMm } from './known-lengths';
import { formatCount, parseCount } from './counted-length';
import { rulerStrips } from './ruler-strips';

describe('lengths told by things whose size is known', () => {
	it('are a card held to the screen (ISO/IEC 7810, from memory)', () => {
		expect(pixelsPerMm(324)).toBeCloseTo(324 / 85.6, 12);
		// At 96 px to the inch a card is 323.5 px wide.
		expect(pixelsPerMm((BANK_CARD_MM.long * 96) / 25.4) * 25.4).toBeCloseTo(96, 9);
	});
});

describe('a count', () => {
	it('is read as people write it, and nothing else is', () => {
		const read: readonly (readonly [string, number | null])[] = [
			['2', 2],
			['2.5', 2.5],
			['2,5', 2.5],
			['2 1/2', 2.5],
			['2½', 2.5],
			['3/4', 0.75],
			[' 1  3/4 ', 1.75],
			['¼', 0.25],
			['', null],
			['two', null],
			['1/0', null],
			['-1', null],
			['2 1/2 sheets', null],
			['1e3', null]
		];
		for (const [text, count] of read) expect(parseCount(text), text).toBe(count);
	});

	it('is written in quarters, and reads back', () => {
		expect([0, 0.25, 0.5, 1, 2.5, 3.75, 0.12].map(formatCount)).toEqual([
			'0',
			'1/4',
			'1/2',
			'1',
			'2 1/2',
			'3 3/4',
			'0'
		]);
		for (let quarters = 0; quarters <= 60; quarters += 1)
			expect(parseCount(formatCount(quarters / 4))).toBe(quarters / 4);
	});
});

describe('rulerStrips', () => {
	it('go on where the one before ended, a mark at each whole number', () => {
		const strips = rulerStrips('cm', 4);
		const whole = strips.flatMap(({ from, marks }) =>
			marks.flatMap(({ at, label }) => (label === null ? [] : [[Number(label), from + at]]))
		);
		for (const [cm = NaN, mm = NaN] of whole) expect(mm).toBe(cm * 10);
		expect(new Set(whole.map(([cm]) => cm)).size).toBe(101);
		expect(strips.every(({ marks }) => marks.every(({ at }) => at >= 0 && at <= 250))).toBe(true);
	});

	it('have eighths of an inch, each once', () => {
		const inches = rulerStrips('in', 4);
		const all = inches.flatMap(({ from, marks }) => marks.map(({ at }) => from + at));
		all.forEach((mm, i) => expect(mm).toBeCloseTo((i * 25.4) / 8, 9));
		expect(inches.flatMap(({ marks }) => marks.flatMap(({ label }) => label ?? []))).toEqual(
			Array.from({ length: 40 }, (_, i) => String(i))
		);
	});
});
