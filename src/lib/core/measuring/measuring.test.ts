import { describe, expect, it } from 'vitest';
import { CARD_MM, pixelsPerMm, rulerStrips, sheetsLength, spansLength } from './index';

describe('lengths told by things whose size is known', () => {
	it('are sheets end to end, spans, and a card held to the screen (ISO 216, ISO/IEC 7810, from memory)', () => {
		expect(sheetsLength(2.5)).toBe(743);
		expect(sheetsLength(1, 2)).toBe(717);
		expect(spansLength(3.5, 205)).toBe(718);
		expect(pixelsPerMm(324)).toBeCloseTo(324 / 85.6, 12);
		// At 96 px to the inch a card is 323.5 px wide.
		expect(pixelsPerMm((CARD_MM.long * 96) / 25.4) * 25.4).toBeCloseTo(96, 9);
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
