import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_CHAIR } from '../../../../tests/support/plain-chair';
import { randomCorner } from '../../../../tests/support/random-corner';
import { checkCorner, type CheckResult } from '../workstation/checks/check-corner';
import type { Corner } from '../workstation/corner/corner';
import { planOptions } from './plan-options';
import { cornerCost } from './corner-cost';
import { planCorner, setUpAfter, type Plan } from './plan-corner';
import { CHECK_WEIGHTS } from './weights';
import { costOfDistance, distanceFromIdeal, heightCosts, costInHeights } from './objective';
import { bodyOf } from '../body/body-length';

const idsOf = (plan: Plan) =>
	Object.values(plan.stations).flatMap((stack) => stack.pieces.map((piece) => piece.id));
const anySeed = fc.integer({ min: 0, max: 1_000_000 });
const home = { rigid: 12, soft: 4, span: 30 };

describe('a plan', () => {
	it('uses a piece once, within the limits of each station', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				for (const plan of planCorner(randomCorner(seed, home)).plans) {
					const ids = idsOf(plan);
					expect(new Set(ids).size).toBe(ids.length);
					const { seat, feet, keys, mouse, screen } = plan.stations;
					expect(seat.pieces.length).toBeLessThanOrEqual(2);
					expect(seat.rise).toBeLessThanOrEqual(70);
					for (const [stack, most, slender] of [
						[feet, 3, 0.75],
						[keys, 3, 0.75],
						[mouse, 3, 0.75],
						[screen, 8, 1.2]
					] as const) {
						expect(stack.pieces.length).toBeLessThanOrEqual(most);
						for (const piece of stack.pieces) expect(stack.rise).toBeLessThanOrEqual(slender * piece.size[1]);
						expect(stack.rise).toBe(stack.pieces.reduce((sum, piece) => sum + piece.rise, 0));
						const areas = stack.pieces.map((piece) => piece.size[0] * piece.size[1]);
						expect(areas).toEqual([...areas].sort((a, b) => b - a));
					}
				}
			}),
			{ numRuns: 60, seed: 7 }
		);
	});

	it('gives its `after` when its own numbers are checked again', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const corner = randomCorner(seed, home);
				for (const plan of planCorner(corner).plans) {
					expect(checkCorner(corner, setUpAfter(corner, plan))).toEqual(plan.after);
					expect(cornerCost(corner, setUpAfter(corner, plan))).toBe(plan.cost.W);
				}
			}),
			{ numRuns: 60, seed: 8 }
		);
	});

	it('never gets clearly worse with more in the house, nor than doing nothing', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const corner = randomCorner(seed, home);
				const fewer: Corner = { ...corner, household: corner.household.slice(0, -1) };
				const W = (c: Corner) => planCorner(c, 1).plans[0]?.cost.W ?? Infinity;
				// Of what is as good the fewest pieces are taken: that is worth less than 300.
				expect(W(corner)).toBeLessThan(W(fewer) + 300);
				expect(W(corner)).toBeLessThan(cornerCost(corner) + 300);
			}),
			{ numRuns: 60, seed: 9 }
		);
	});

	it('is the same whatever the order of the household', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const corner = randomCorner(seed, home);
				const turned: Corner = { ...corner, household: [...corner.household].reverse() };
				expect(planCorner(turned)).toEqual(planCorner(corner));
			}),
			{ numRuns: 40, seed: 10 }
		);
	});

	it('says so when the search is cut short, and still answers', () => {
		const corner = randomCorner(3, { rigid: 0, soft: 0, span: 0 });
		const odd = Array.from({ length: 60 }, (_, i) => ({
			id: `x${i}`,
			kind: 'sturdy-box' as const,
			label: 'odd box',
			size: [203 + ((i * 37) % 181), 181 + ((i * 53) % 173), 61 + ((i * 29) % 97)] as const
		}));
		const report = planCorner({ ...corner, household: odd }, 1);
		expect(report.plans).toHaveLength(1);
		expect(typeof report.proven).toBe('boolean');
	});
});

describe('what a distance costs', () => {
	it('grows by 1, 3, 5, … 79 for each millimetre up to 40, then by 80', () => {
		const steps = Array.from({ length: 60 }, (_, mm) => costOfDistance(mm + 1) - costOfDistance(mm));
		expect(steps.slice(0, 40)).toEqual(Array.from({ length: 40 }, (_, i) => 2 * i + 1));
		expect(new Set(steps.slice(40))).toEqual(new Set([80]));
	});

	it('adds up, of a corner as it is, to its misfit, and to the distance from the ideals', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const { spot, ...rest } = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
				const corner: Corner = { ...rest, spot };
				const costs = heightCosts(corner, bodyOf(corner));
				const s = spot.seat && spot.posture === 'sitting' ? spot.seat.height - spot.seat.give : 0;
				const over = spot.surface.height - s;
				const all =
					costs.knee(s - (spot.seat?.footBar ?? 0)) + costs.elbow(over) + costs.eye(over) + costs.thigh(over);
				expect(costInHeights(all)).toBe(cornerCost(corner));
				expect(distanceFromIdeal(all)).toBe(
					checkCorner(corner).reduce(
						(sum, { id, value, ideal }) => sum + CHECK_WEIGHTS[id] * Math.abs(value - (ideal ?? value)),
						0
					)
				);
			})
		);
	});
});

describe('a corner that is left as it is', () => {
	/** A corner whose heights are all where they are best. */
	const fits = (over: Partial<Corner['spot']> = {}): Corner => {
		const base = randomCorner(1, { rigid: 0, soft: 0, span: 0 });
		return {
			...base,
			person: { ...base.person, stature: 1700, heel: 20, back: 'any', lenses: 'none', sore: [] },
			body: {
				popliteal: { mm: 420, by: 'tape' },
				sittingElbow: { mm: 240, by: 'tape' },
				sittingEye: { mm: 770, by: 'tape' },
				thigh: { mm: 150, by: 'tape' }
			},
			way: 'upright',
			spot: {
				...base.spot,
				posture: 'sitting',
				by: 'tape',
				surface: { height: 660, thickness: 20, depth: 800, range: null },
				seat: { ...PLAIN_CHAIR, height: 445 },
				screen: {
					kind: 'monitor',
					topAboveBase: 540,
					visibleHeight: 300,
					base: [240, 200],
					range: null,
					distance: 600
				},
				keys: { kind: 'separate', homeRow: 20, base: [440, 130] },
				...over
			},
			household: [{ id: 'b', kind: 'book', label: 'atlas', size: [460, 300, 20], count: 4 }]
		};
	};

	it('is one whose values lie in their bands', () => {
		const corner = fits();
		const { plans, before } = planCorner(corner);
		expect(before.every(({ value, low, high }) => value >= low && value <= (high ?? Infinity))).toBe(true);
		expect(plans).toHaveLength(1);
		expect(plans[0]).toMatchObject({ after: before, cost: { W: cornerCost(corner), pieces: 0 } });
		expect(planOptions(corner, plans[0] as Plan, before).rungs).toEqual([]);
	});

	it('is not one that lies well outside, where the home helps', () => {
		const low = fits({ screen: { ...fits().spot.screen, topAboveBase: 440 } });
		const { plans, before } = planCorner(low);
		expect(plans[0]?.stations.screen.rise).toBeGreaterThan(0);
		expect(planOptions(low, plans[0] as Plan, before).rungs).toHaveLength(1);
	});
});

describe('what no plan breaks', () => {
	it('holds on random corners: the thighs’ room, keys never above the elbow, nothing clearly worse but the eyes', () => {
		const outside = ({ value, low, high }: CheckResult) =>
			Math.max(0, low - value, value - (high ?? Infinity));
		let raised = 0;
		fc.assert(
			fc.property(anySeed, (seed) => {
				const corner = randomCorner(seed, home);
				const { before, plans, body } = planCorner(corner);
				for (const plan of plans) {
					const now = (id: string) => before.find((check) => check.id === id);
					for (const check of plan.after)
						if (check.id !== 'eye')
							expect(outside(check)).toBeLessThanOrEqual(outside(now(check.id) as CheckResult) + 10);
					const thigh = plan.after.find(({ id }) => id === 'thigh');
					const { sd = 0, from = 'tape' } = body.thigh ?? {};
					const needed = 20 + sd * (from === 'estimate' || from === 'guess' ? 2 : 1);
					if (thigh)
						expect(thigh.value).toBeGreaterThanOrEqual(Math.min(needed, now('thigh')?.value ?? Infinity));
					if (corner.spot.keys.kind === 'built-in' && plan.stations.screen.rise > 0) {
						raised += 1;
						expect(plan.after.find(({ id }) => id === 'elbow')?.value).toBeGreaterThanOrEqual(0);
					}
				}
			}),
			{ numRuns: 200, seed: 11 }
		);
		expect(raised).toBeGreaterThan(0);
	});
});
