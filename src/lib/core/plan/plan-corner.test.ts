import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../tests/support/random-corner';
import { checkCorner } from '../checks';
import type { Corner } from '../corner';
import { misfitOf, planCorner, setUpAfter, type Plan } from './index';
import { packCost, unpackCost } from './objective';

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
					expect(seat.rise).toBeLessThanOrEqual(80);
					for (const [stack, most, slender] of [
						[feet, 6, 1],
						[keys, 6, 1],
						[mouse, 6, 1],
						[screen, 10, 1.5]
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
					expect(misfitOf(corner, setUpAfter(corner, plan))).toBe(plan.cost.W);
				}
			}),
			{ numRuns: 60, seed: 8 }
		);
	});

	it('never gets worse with more in the house, nor better than doing without limits would allow', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const corner = randomCorner(seed, home);
				const fewer: Corner = { ...corner, household: corner.household.slice(0, -1) };
				const W = (c: Corner) => planCorner(c, 1).plans[0]?.cost.W ?? Infinity;
				expect(W(corner)).toBeLessThanOrEqual(W(fewer));
				expect(W(corner)).toBeLessThanOrEqual(misfitOf(corner));
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

describe('packed costs', () => {
	it('unpack to what was packed, and compare as W, then pieces, then D', () => {
		const cost = fc.record({
			W: fc.integer({ min: 0, max: 2 ** 27 }),
			pieces: fc.integer({ min: 0, max: 30 }),
			D: fc.integer({ min: 0, max: 26_000 })
		});
		fc.assert(
			fc.property(cost, cost, (a, b) => {
				expect(unpackCost(packCost(a))).toEqual(a);
				const order = a.W - b.W || a.pieces - b.pieces || a.D - b.D;
				expect(Math.sign(packCost(a) - packCost(b))).toBe(Math.sign(order));
			})
		);
	});
});
