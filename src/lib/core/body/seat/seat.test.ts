import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_CHAIR } from '../../../../../tests/support/plain-chair';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { setUpAsMeasured } from '../../workstation/checks/set-up';
import type { Corner } from '../../workstation/corner/corner';
import { backSupport } from './back-support';
import { checkArmrest } from './armrest';
import { checkSeatDepth } from './seat-depth';
import { towelRollDiameter, rolledLengthFor, towelRollFor } from './towel-roll';

function corner(seat: Partial<NonNullable<Corner['spot']['seat']>>, body: Corner['body'] = {}): Corner {
	const base = randomCorner(1, { rigid: 0, soft: 0, span: 0 });
	const full = { ...PLAIN_CHAIR, give: 5 };
	const spot = { ...base.spot, posture: 'sitting' as const, by: 'tape' as const, seat: { ...full, ...seat } };
	return { ...base, spot, body: { buttockPopliteal: { mm: 475, by: 'tape' }, ...body }, household: [] };
}

describe('towelRollDiameter', () => {
	it('agrees with laying the cloth on turn by turn (paper arithmetic)', () => {
		// 1.4 m of 5 mm cloth, wound as a spiral: each turn is as long as the circle it lies on.
		for (const [length, layer] of [
			[1400, 5],
			[2000, 2],
			[900, 0.5]
		] as const) {
			let [left, radius] = [length as number, 0];
			while (left > 0) {
				const turn = 2 * Math.PI * (radius + layer / 2);
				radius += layer * Math.min(1, left / turn);
				left -= turn;
			}
			expect(towelRollDiameter(length, layer) / (2 * radius)).toBeGreaterThan(0.97);
			expect(towelRollDiameter(length, layer) / (2 * radius)).toBeLessThan(1.03);
		}
	});

	it('is a printer roll: 50 m of paper of 0.104 mm on no core is 81 mm thick (ISO 216 paper, from memory)', () => {
		expect(towelRollDiameter(50_000, 0.104)).toBeCloseTo(81.4, 1);
	});

	it('is turned round by rolledLengthFor', () => {
		fc.assert(
			fc.property(fc.integer({ min: 10, max: 300 }), fc.integer({ min: 1, max: 20 }), (diameter, layer) => {
				expect(towelRollDiameter(rolledLengthFor(diameter, layer), layer)).toBeCloseTo(diameter, 6);
			})
		);
	});
});

describe('towelRollFor', () => {
	it('rolls no more of a towel than the hollow wants, and folds it only where it must', () => {
		expect(towelRollFor(60, [1400, 700, 5])).toEqual({
			folds: 0,
			rolledLength: 565,
			diameter: 60,
			width: 700,
			reaches: true
		});
		expect(towelRollFor(120, [1400, 700, 5])).toMatchObject({
			folds: 1,
			reaches: true,
			width: 350,
			diameter: 120
		});
		expect(towelRollFor(300, [1400, 700, 5])).toMatchObject({
			folds: 1,
			reaches: false,
			rolledLength: 1400,
			diameter: 134
		});
	});
});

describe('checkSeatDepth', () => {
	it('says how far to fill where the edge presses, and nothing where the gap is good', () => {
		expect(checkSeatDepth(corner({ depth: 420 }))).toMatchObject({
			gap: 55,
			state: 'good',
			fill: 0,
			verdict: 'fits'
		});
		const deep = checkSeatDepth(corner({ depth: 490 }));
		expect(deep).toMatchObject({ gap: -15, state: 'presses', fill: 65, verdict: 'off' });
		expect(checkSeatDepth(corner({ depth: 490 }), deep?.fill)).toMatchObject({
			gap: 50,
			state: 'good',
			fill: 0
		});
	});

	it('tells the borders apart and is silent at a standing spot', () => {
		const state = (gap: number) => checkSeatDepth(corner({ depth: 475 - gap }))?.state;
		expect([19, 20, 80, 81, 120, 121].map(state)).toEqual([
			'presses',
			'good',
			'good',
			'long',
			'long',
			'unsupported'
		]);
		const standing = corner({});
		expect(checkSeatDepth({ ...standing, spot: { ...standing.spot, posture: 'standing' } })).toBeNull();
	});

	it('is unsure where the thigh is only told from stature and the gap is near a border', () => {
		const guessed = { ...corner({ depth: 470 }), body: {} };
		const check = checkSeatDepth({ ...guessed, person: { ...guessed.person, stature: 1700, sex: 'female' } });
		expect(check?.verdict).toBe('unsure');
	});
});

describe('backSupport', () => {
	const towel = { id: 't', kind: 'towel', label: 'towel', size: [1400, 700, 5] } as const;
	const cushion = { id: 'c', kind: 'cushion', label: 'cushion', size: [400, 400, 80], count: 2 } as const;

	it('rolls a towel to what is wanted, and takes a cushion where the towel is used', () => {
		const both = { ...corner({}), household: [cushion, towel] };
		expect(backSupport(both)?.filler).toMatchObject({ id: 't', fill: 60, roll: { rolledLength: 565 } });
		expect(backSupport(both, new Set(['t', 'c']))?.filler).toMatchObject({ id: 'c#2', fill: 56, roll: null });
		expect(backSupport(both, new Set(['t', 'c', 'c#2']))).toMatchObject({ state: 'fill', filler: null });
	});

	it('wants nothing of a chair that fills the hollow, unless its seat is too deep; and says where nothing can hold', () => {
		expect(backSupport(corner({ lumbar: true }))).toEqual({
			state: 'held',
			fills: null,
			wanted: 0,
			forwardMm: 0,
			filler: null
		});
		expect(backSupport(corner({ lumbar: true, depth: 490 }))).toMatchObject({ state: 'fill', wanted: 65 });
		expect(backSupport(corner({ backrest: false }))).toEqual({
			state: 'none',
			fills: null,
			wanted: 0,
			forwardMm: 0,
			filler: null
		});
	});
});

describe('checkArmrest', () => {
	const at = (armrest: number, surface: number) => {
		const c = corner({ armrest }, { sittingElbow: { mm: 230, by: 'tape' } });
		const spot = { ...c.spot, surface: { ...c.spot.surface, height: surface, thickness: 30 } };
		return checkArmrest({ ...c, spot });
	};

	it('carries the elbow from 5 above to 30 below it, lifts the shoulder or does nothing, as far as the lengths tell', () => {
		// Seat 450 that gives 5: elbow at 675, armrest measured above the empty seat.
		expect(at(225, 760)).toMatchObject({ top: 675, elbow: 675, elbowAbove: 0, faults: [] });
		// With a tape the elbow is known to within 13.3 mm: three quarters of that curve lie beyond 8.9 mm.
		expect([at(238, 760)?.faults, at(239, 760)?.faults]).toEqual([[], ['too-high']]);
		expect([at(187, 760)?.faults, at(186, 760)?.faults]).toEqual([[], ['too-low']]);
		const guessed = corner({ armrest: 186 }, { sittingElbow: { mm: 230, by: 'guess' } });
		expect(checkArmrest(guessed)?.faults).toEqual([]);
	});

	it('sinks by the pads that raise the person, and moves with the seat itself', () => {
		const c = corner({ armrest: 225 }, { sittingElbow: { mm: 230, by: 'tape' } });
		const setUp = setUpAsMeasured(c);
		expect(checkArmrest(c, { ...setUp, pads: 60 })?.elbowAbove).toBe(60);
		expect(checkArmrest(c, { ...setUp, seat: setUp.seat + 60 })?.elbowAbove).toBe(0);
	});

	it('must pass under the surface', () => {
		// Three lengths by tape: known to within 6.9 mm.
		expect(at(225, 705)).toMatchObject({ passes: 0, faults: [] });
		expect(at(225, 700)?.faults).toEqual(['meets-surface']);
		expect(checkArmrest(corner({}))).toBeNull();
	});
});
