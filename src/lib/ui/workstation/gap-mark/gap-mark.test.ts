import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { checkCorner, type CheckResult } from '$lib/core/workstation/checks/check-corner';
import { distanceOutsideBand } from '$lib/core/body/guidance/band';
import { messagesFor } from '$lib/messages';
import { elementsOf } from '../../../../../tests/support/markup';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { checkText, checkWords } from './check-words';
import { layOutGap, SCALE_HALF_MM } from './gap-scale';
import GapMark from './GapMark.svelte';

const t = messagesFor();
const WIDTH = 118;
const checks: CheckResult[] = Array.from({ length: 80 }, (_, seed) =>
	checkCorner(randomCorner(seed + 700, { rigid: 0, soft: 0, span: 0 }))
).flat();

describe('a gap mark', () => {
	it('keeps all of it within its width', () => {
		for (const check of checks) {
			const { bracket, stroke, wash } = layOutGap(check, WIDTH);
			for (const x of [bracket.from, bracket.to ?? WIDTH, stroke, wash.from, wash.to]) {
				expect(x).toBeGreaterThanOrEqual(0);
				expect(x).toBeLessThanOrEqual(WIDTH);
			}
			expect(wash.from).toBeLessThanOrEqual(wash.to);
		}
	});

	it('draws the value within the bracket exactly if it lies in the band', () => {
		for (const check of checks) {
			const { bracket, stroke, beyond } = layOutGap(check, WIDTH);
			if (beyond !== null) continue;
			const isDrawnWithin = stroke >= bracket.from && stroke <= (bracket.to ?? Infinity);
			expect(isDrawnWithin).toBe(distanceOutsideBand(check, check.value) === 0);
		}
	});

	it('has one scale for all, so that two marks one under the other compare', () => {
		const [narrow, wide] = [
			layOutGap({ value: 0, low: -10, high: 10, sd: 0 }, WIDTH),
			layOutGap({ value: 40, low: -30, high: 70, sd: 0 }, WIDTH)
		];
		const perMm = (mark: typeof narrow, mm: number) => ((mark.bracket.to ?? 0) - mark.bracket.from) / mm;
		expect(perMm(narrow, 20)).toBeCloseTo(perMm(wide, 100), 9);
	});

	it('points beyond its end, with the number, where a value is off the scale', () => {
		const off = { low: -10, high: 10, sd: 3 };
		expect(layOutGap({ ...off, value: SCALE_HALF_MM + 1 }, WIDTH).beyond).toBe('above');
		expect(layOutGap({ ...off, value: -SCALE_HALF_MM - 1 }, WIDTH).beyond).toBe('below');
		const check: CheckResult = {
			...off,
			id: 'eye',
			value: 181,
			ideal: 0,
			below: 0,
			p: 0,
			above: 1,
			verdict: 'off'
		};
		const drawn = render(GapMark, { props: { check, t, unit: 'mm' } }).body;
		expect(
			elementsOf(drawn)
				.find(({ tag }) => tag === 'text')
				?.text.trim()
		).toBe('171');
	});

	it('says in words all that it shows, for who can’t see it: value, band, what is off and by how much', () => {
		for (const check of checks) {
			const [mark] = elementsOf(render(GapMark, { props: { check, t, unit: 'mm' } }).body);
			const words = mark?.attributes['aria-label'] ?? '';
			expect(words).toBe(checkText(check, t, 'mm'));
			expect(words).toContain(t.checks.names[check.id]);
			expect(words).toContain(`${Math.round(check.value)} mm`.replace('-', '−'));
			const outside = distanceOutsideBand(check, check.value);
			if (outside > 0) expect(words).toContain(`${Math.round(outside)} mm`);
			// What is only likely is never shown as sure, and what is sure never as likely.
			expect(/perhaps|not known yet/.test(checkWords(check, t, 'mm'))).toBe(check.verdict === 'unsure');
		}
		expect(new Set(checks.map(({ verdict }) => verdict)).size).toBe(3);
	});
});
