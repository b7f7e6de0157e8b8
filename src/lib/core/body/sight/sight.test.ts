import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { checkDistance, distanceBand } from './viewing-distance';
import { checkGaze, gazeAngle, GAZE_PUBLISHED_DEG } from './gaze';
import { checkLegibility, letterAngle, letterHeight } from './legibility';

describe('letterHeight', () => {
	it('agrees with the table of visual angles for ISO 9241-303 (16, 20, 22, 24 minutes at office distances)', () => {
		// h = 2 d tan(a / 2), computed apart from the program.
		const table: readonly (readonly [number, readonly number[]])[] = [
			[400, [1.8617, 2.3271, 2.5598, 2.7925]],
			[500, [2.3271, 2.9089, 3.1998, 3.4907]],
			[600, [2.7925, 3.4907, 3.8397, 4.1888]],
			[700, [3.258, 4.0724, 4.4797, 4.8869]],
			[750, [3.4907, 4.3633, 4.7997, 5.236]]
		];
		for (const [distance, heights] of table)
			[16, 20, 22, 24].forEach((minutes, i) =>
				expect(letterHeight(minutes, distance)).toBeCloseTo(heights[i] ?? NaN, 4)
			);
	});

	it('is turned round by letterAngle', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 60, noNaN: true }),
				fc.integer({ min: 300, max: 1500 }),
				(a, d) => {
					expect(letterAngle(letterHeight(a, d), d)).toBeCloseTo(a, 8);
				}
			)
		);
	});
});

describe('checkLegibility', () => {
	it('gives the zoom that gets there: with it the letter is good, with one step less it is not', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 5, max: 60 }),
				fc.integer({ min: 400, max: 1200 }),
				(tenths, distance) => {
					const letter = tenths / 10;
					const { zoomPercent, state } = checkLegibility(letter, distance);
					const at = (zoom: number) => letterAngle((letter * zoom) / 100, distance);
					expect(at(zoomPercent)).toBeGreaterThanOrEqual(14 - 1e-9);
					if (zoomPercent > 100) expect(at(zoomPercent - 5)).toBeLessThan(14);
					expect(zoomPercent > 100).toBe(state === 'too-small' || state === 'readable');
				}
			)
		);
	});

	it('tells too small, readable and good at 600 mm, by the height of an x', () => {
		const state = (minutes: number) => checkLegibility(letterHeight(minutes, 600), 600).state;
		expect([10.9, 11.1, 13.9, 14.1, 30].map(state)).toEqual([
			'too-small',
			'readable',
			'readable',
			'good',
			'good'
		]);
		expect(checkLegibility(letterHeight(14, 600), 600).zoomPercent).toBe(100);
	});
});

describe('checkDistance', () => {
	it('has its band by screen and lenses', () => {
		const monitor = { kind: 'monitor', visibleHeight: 250 } as const;
		expect(distanceBand(monitor, 'none')).toEqual({ low: 500, high: 1000 });
		// A picture 62 cm wide: nobody turns the head to read a line.
		expect(distanceBand({ ...monitor, visibleHeight: 350 }, 'none')).toEqual({ low: 622, high: 1000 });
		expect(distanceBand({ ...monitor, kind: 'laptop' }, 'progressive')).toEqual({ low: 460, high: 750 });
		expect(distanceBand(monitor, 'trifocal')).toEqual({ low: 550, high: 1100 });
	});

	it('tells every state, and how far to move to the nearest end', () => {
		const base = randomCorner(3, { rigid: 0, soft: 0, span: 0 });
		const screen = { ...base.spot.screen, kind: 'monitor' as const, visibleHeight: 280 };
		const person = { ...base.person, lenses: 'none' as const };
		const at = (d: number) => checkDistance({ spot: { ...base.spot, by: 'tape', screen }, person }, d);
		expect([499, 500, 1000, 1001].map((d) => at(d).state)).toEqual(['near', 'good', 'good', 'far']);
		expect([at(400).move, at(600).move, at(1100).move]).toEqual([100, 0, -100]);
		// A tape is right to within 4 mm: nearer to a border than that nothing is called wrong.
		expect([at(499), at(496), at(600)].map(({ verdict }) => verdict)).toEqual(['unsure', 'off', 'fits']);
	});
});

describe('checkGaze', () => {
	it('agrees with a right triangle: 3, 4, 5', () => {
		expect(gazeAngle(300, 500)).toBeCloseTo((Math.atan2(3, 4) * 180) / Math.PI, 10);
		expect(gazeAngle(-300, 500)).toBeCloseTo((-Math.atan2(3, 4) * 180) / Math.PI, 10);
		expect([gazeAngle(600, 500), gazeAngle(0, 500)]).toEqual([90, 0]);
	});

	it('finds the published range on a screen whose top is at the eye and whose middle is 150 mm lower at 500 mm', () => {
		const base = randomCorner(3, { rigid: 0, soft: 0, span: 0 });
		const corner = {
			...base,
			body: { ...base.body, sittingEye: { mm: 750, by: 'tape' as const } },
			spot: {
				...base.spot,
				posture: 'sitting' as const,
				surface: { ...base.spot.surface, height: 700 },
				seat: {
					height: 450,
					give: 0,
					range: null,
					depth: 420,
					backrest: true,
					lumbar: true,
					armrest: null,
					castors: false
				},
				screen: {
					...base.spot.screen,
					kind: 'monitor' as const,
					topAboveBase: 500,
					visibleHeight: 300,
					distance: 500
				}
			}
		};
		const { belowLevel, state } = checkGaze(corner);
		expect(belowLevel).toBeCloseTo(17.46, 2);
		expect(belowLevel).toBeGreaterThan(GAZE_PUBLISHED_DEG.low);
		expect(belowLevel).toBeLessThan(GAZE_PUBLISHED_DEG.high);
		expect(state).toBe('good');
		const lower = { ...corner, spot: { ...corner.spot, surface: { ...corner.spot.surface, height: 550 } } };
		const higher = { ...corner, spot: { ...corner.spot, surface: { ...corner.spot.surface, height: 900 } } };
		expect([checkGaze(lower).state, checkGaze(higher).state]).toEqual(['down', 'up']);
	});
});
