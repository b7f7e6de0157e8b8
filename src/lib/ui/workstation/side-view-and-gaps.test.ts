import { describe, expect, it } from 'vitest';
import { CHOICE_FIELDS, LENGTH_FIELDS } from '$lib/core/questionnaire/answers/fields';
import { planCorner } from '$lib/core/plan/plan-corner';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../tests/support/random-corner';
import { checkWords, surerWords } from './gap-mark/check-words';
import { layOutGap, SCALE_HALF_MM } from './gap-mark/gap-scale';
import { railTicks } from './rail/rail-ticks';
import { frameFor } from './side-view/frame';
import { mixSection } from './side-view/mix-section';
import { pieceLabels } from './side-view/piece-labels';
import { sectionWords } from './side-view/section-words';
import { smoothPath } from './side-view/smooth-path';

const t = messagesFor();
const check = (value: number, verdict: 'fits' | 'unsure' | 'off') => ({
	id: 'elbow' as const,
	value,
	low: 0,
	ideal: 10,
	high: 30,
	sd: 10,
	below: 0.25,
	p: 0.5,
	above: 0.25,
	verdict
});

describe('the gap mark', () => {
	it('has one scale: the same millimetres are the same px in every mark', () => {
		const perMm = (low: number, high: number) => {
			const { bracket } = layOutGap({ value: low, low, high, sd: 5 }, 120);
			return ((bracket.to ?? 0) - bracket.from) / (high - low);
		};
		expect(perMm(0, 30)).toBeCloseTo(perMm(-50, 10), 9);
		expect(perMm(0, 30)).toBeCloseTo(perMm(-110, -20), 9);
	});

	it('points beyond its scale rather than lie', () => {
		expect(layOutGap(check(15 + SCALE_HALF_MM, 'off'), 120).beyond).toBeNull();
		expect(layOutGap(check(16 + SCALE_HALF_MM, 'off'), 120).beyond).toBe('above');
		expect(layOutGap(check(-300, 'off'), 120).beyond).toBe('below');
		expect(layOutGap({ ...check(50, 'fits'), high: null }, 120).bracket.to).toBeNull();
	});

	it('says in words how far and to which side, and doubt where there is doubt', () => {
		expect(checkWords(check(10, 'fits'), t, 'cm')).toBe('fits');
		expect(checkWords(check(-94, 'off'), t, 'cm')).toBe('keyboard 9.4 cm too high');
		expect(checkWords(check(68, 'off'), t, 'mm')).toBe('keyboard 38 mm too low');
		expect(checkWords(check(-12, 'unsure'), t, 'in')).toBe('perhaps keyboard 1/2 in too high');
		expect(checkWords(check(10, 'unsure'), t, 'cm')).toBe('not known yet');
	});

	it('says "about" where a number is wide, what to measure, and never to measure again where no tape can tell', () => {
		const wide = { ...check(-94, 'off'), sd: 27 };
		const elbow = { measure: 'sittingElbow', isAtEdge: false } as const;
		const edge = { measure: null, isAtEdge: true } as const;
		expect(checkWords(wide, t, 'cm')).toBe('keyboard about 9.4 cm too high');
		expect(surerWords(wide, elbow, t)).toBe('To be more certain, measure seat to elbow.');
		expect(checkWords(check(10, 'unsure'), t, 'cm', elbow)).toBe('not known yet: measure seat to elbow');
		expect(surerWords(check(10, 'unsure'), elbow, t)).toBe('');
		for (const value of [31, 29])
			expect(checkWords(check(value, 'unsure'), t, 'cm', edge)).toBe('at the edge: fine if it feels fine');
		expect(surerWords(check(31, 'unsure'), edge, t)).toBe('');
	});
});

describe('the rail', () => {
	it('numbers every 10 cm or 4 inches', () => {
		expect(railTicks(250, 'cm').map((tick) => tick.label)).toEqual(['0', null, '10', null, '20', null]);
		expect(railTicks(250, 'in').map((tick) => tick.label)).toEqual(['0', null, '4', null, '8']);
		expect(railTicks(100, 'mm').at(-1)?.label).toBe('100');
	});
});

describe('the section drawing', () => {
	const corner = randomCorner(12, { rigid: 8, soft: 3, span: 0 });
	const plan = planCorner(corner, 1).plans[0] ?? null;
	const [now, after] = [sideViewOf(corner, null), sideViewOf(corner, plan)];

	it('is to scale, up and down as well as sideways, with the floor at the bottom', () => {
		for (const width of [300, 640, 1100]) {
			const frame = frameFor([now, after], width, 600);
			expect(frame.x(100) - frame.x(0)).toBeCloseTo(frame.y(0) - frame.y(100), 9);
			for (const { extent } of [now, after]) {
				expect(frame.x(extent.x)).toBeGreaterThanOrEqual(frame.rulerPx);
				expect(frame.x(extent.x + extent.width)).toBeLessThanOrEqual(width + 1);
				expect(frame.y(extent.height)).toBeGreaterThanOrEqual(0);
			}
		}
	});

	it('changes smoothly: 0 is the one, 1 the other, half lies between', () => {
		const y = (s: typeof now) => s.eye.y;
		expect(y(mixSection(now, after, 0))).toBeCloseTo(y(now), 9);
		expect(mixSection(now, after, 1)).toBe(after);
		expect(y(mixSection(now, after, 0.5))).toBeCloseTo((y(now) + y(after)) / 2, 9);
	});

	it('names every piece, and says the same to who can’t see it', () => {
		const labels = pieceLabels(after, frameFor([after], 640, 600), t);
		expect(labels.map((label) => label.id).sort()).toEqual(after.furniture.pieces.map((p) => p.id).sort());
		const words = sectionWords(after, t, 'cm');
		for (const piece of after.furniture.pieces) expect(words).toContain(piece.label);
		for (const c of after.checks) expect(words).toContain(checkWords(c, t, 'cm'));
		expect(sectionWords(now, t, 'cm')).toContain('Nothing is added.');
	});

	it('draws lines through their points', () => {
		expect(smoothPath([], true)).toBe('');
		const path = smoothPath(
			[
				{ x: 0, y: 0 },
				{ x: 10, y: 0 },
				{ x: 10, y: 10 }
			],
			true
		);
		expect(path).toMatch(/^M0 0C.* 10 0C.* 10 10C.* 0 0Z$/);
	});
});

describe('the catalogue', () => {
	it('has words for every field and every choice', () => {
		for (const name of Object.keys(LENGTH_FIELDS)) expect(t.fields).toHaveProperty(name);
		for (const [name, { options }] of Object.entries(CHOICE_FIELDS)) {
			expect(t.fields).toHaveProperty(name);
			for (const option of options)
				expect((t.options as Record<string, Record<string, string>>)[name]).toHaveProperty(option);
		}
	});

	it('counts in the singular and the plural', () => {
		expect(t.plan.leadKeyboard(1)).toContain('the step below.');
		expect(t.plan.leadKeyboard(3)).toContain('the three steps below.');
		expect(t.plan.leadStep(4)).toContain('four steps');
	});
});
