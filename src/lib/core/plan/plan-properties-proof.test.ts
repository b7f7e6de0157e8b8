import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf, timesOf } from '../../../../tests/support/rotation';
import { checkCorner } from '../workstation/checks/check-corner';
import { setUpAsMeasured } from '../workstation/checks/set-up';
import { formatLength } from '../body/length/format-length';
import { parseLength } from '../body/length/parse-length';
import type { LengthUnit } from '../body/length/mm';
import type { Corner } from '../workstation/corner/corner';
import { bestPlans, planCorner, setUpAfter, type Plan } from './plan-corner';
import { prepareProblem } from './plan-problem';
import { cornerWithKeyboard } from './purchases';
import { laptopArrangements } from './laptop';
import { cornerWithoutUsedItems, itemsSharedBySpots } from './household-across-spots';
import { cornerCost } from './corner-cost';
import { openGaps } from './open-gaps';
import { shareHousehold } from './share-household';
import { purchaseOutcomes } from './purchase-outcomes';

const corners = fc
	.tuple(fc.integer({ min: 0, max: 1e6 }), fc.integer({ min: 0, max: 16 }), fc.boolean())
	.map(([seed, rigid, moves]) => randomCorner(seed, { rigid, soft: 3, span: moves ? 40 : 0 }));

/** Whether one plan is at least as good as another: less than 300 of misfit makes no difference. */
const isAsGood = (a: Plan['cost'], b: Plan['cost']): boolean => a.W < b.W + 300;

const bestOf = (corner: Corner): Plan => {
	const plan = planCorner(corner, 1).plans[0];
	if (!plan) throw new Error('No plan');
	return plan;
};

describe('a plan', () => {
	it('is never made clearly worse by more stock', () => {
		fc.assert(
			fc.property(corners, fc.nat(), (corner, drop) => {
				if (corner.household.length === 0) return;
				const less = corner.household.filter((_, i) => i !== drop % corner.household.length);
				expect(isAsGood(bestOf(corner).cost, bestOf({ ...corner, household: less }).cost)).toBe(true);
			}),
			{ numRuns: timesOf(40) }
		);
	});

	it('gives its own `after` and `W` when its numbers are checked again', () => {
		fc.assert(
			fc.property(corners, (corner) => {
				for (const plan of planCorner(corner).plans) {
					const setUp = setUpAfter(corner, plan);
					expect(checkCorner(corner, setUp)).toEqual(plan.after);
					expect(cornerCost(corner, setUp)).toBe(plan.cost.W);
					const pieces = Object.values(plan.stations).flatMap((stack) => stack.pieces);
					expect(pieces).toHaveLength(plan.cost.pieces);
					expect(new Set(pieces.map(({ id }) => id)).size).toBe(pieces.length);
					for (const stack of Object.values(plan.stations))
						expect(stack.pieces.reduce((sum, { rise }) => sum + rise, 0)).toBe(stack.rise);
				}
			}),
			{ numRuns: timesOf(30) }
		);
	});

	it('is three that differ in their pieces, the best first', () => {
		fc.assert(
			fc.property(corners, (corner) => {
				const { plans } = planCorner(corner);
				const used = plans.map((plan) =>
					Object.values(plan.stations)
						.flatMap((stack) => stack.pieces.map(({ id }) => id))
						.sort()
						.join()
				);
				expect(new Set(used).size).toBe(used.length);
				plans
					.slice(1)
					.forEach((plan, i) => expect(isAsGood(plans[i]?.cost ?? plan.cost, plan.cost)).toBe(true));
			}),
			{ numRuns: timesOf(30) }
		);
	});

	it('says what it leaves open: the mm to the band, and only of what does not fit', () => {
		fc.assert(
			fc.property(corners, (corner) => {
				const plan = bestOf(corner);
				for (const { id, side, mm } of plan.open) {
					const check = plan.after.find((c) => c.id === id);
					if (!check) throw new Error('A check is missing');
					expect(check.verdict).not.toBe('fits');
					expect(mm).toBe(side === 'low' ? check.low - check.value : check.value - (check.high ?? NaN));
					expect(mm).toBeGreaterThan(0);
				}
				// A length that was only guessed can make a check off whose value lies in the band: nothing to build there.
				const off = plan.after
					.filter((c) => c.verdict === 'off' && (c.value < c.low || c.value > (c.high ?? Infinity)))
					.map(({ id }) => id);
				expect(plan.open.map(({ id }) => id)).toEqual(expect.arrayContaining(off));
			}),
			{ numRuns: timesOf(20) }
		);
	});
});

/** Sixty pieces of odd sizes, all of which want to go everywhere: what no home has. */
function pathological(seed: number): Corner {
	const base = randomCorner(seed, { rigid: 0, soft: 0, span: 60 });
	const household = Array.from({ length: 60 }, (_, i) => ({
		id: `p${i}`,
		kind: 'book' as const,
		label: `p${i}`,
		size: [300 + ((i * 37) % 90), 210 + ((i * 53) % 90), 3 + ((i * 29 + seed) % 34)] as const
	}));
	return { ...base, household };
}

describe('a search that is cut short', () => {
	it('says so, and still tells a plan that is whole and no worse than doing nothing', () => {
		let cut = 0;
		for (const seed of casesOf(60, 3)) {
			const corner = pathological(seed);
			const least = planCorner(corner, 1).plans[0];
			for (const steps of [1, 300, 20_000]) {
				const { plans, proven } = planCorner(corner, 3, steps);
				const [first] = plans;
				if (!first) throw new Error('No plan');
				if (!proven) cut += 1;
				const setUp = setUpAfter(corner, first);
				expect(checkCorner(corner, setUp)).toEqual(first.after);
				expect(cornerCost(corner, setUp)).toBe(first.cost.W);
				expect(first.cost.W).toBeGreaterThan((least?.cost.W ?? NaN) - 300);
				if (steps > 1) expect(first.cost.W).toBeLessThan(cornerCost(corner, setUpAsMeasured(corner)) + 300);
				if (proven) expect(first.cost).toEqual(least?.cost);
			}
		}
		expect(cut).toBeGreaterThan(3);
	});
});

describe('what one purchase would change', () => {
	it('is solved again: its plan checks out on the corner with the thing in it', () => {
		let told = 0;
		for (const seed of casesOf(1200, 20)) {
			const corner = randomCorner(seed, { rigid: 6, soft: 2, span: 0 });
			const without = bestOf(corner);
			const outcomes = purchaseOutcomes(corner, without);
			if (without.after.every(({ verdict }) => verdict !== 'off')) expect(outcomes).toEqual([]);
			for (const { corner: bought, plan, savesW } of outcomes) {
				told += 1;
				expect(checkCorner(bought, setUpAfter(bought, plan))).toEqual(plan.after);
				expect(without.cost.W - plan.cost.W).toBe(savesW);
			}
		}
		expect(told).toBeGreaterThan(5);
	});

	it('sets a footrest to the height that trying every one finds', () => {
		let tried = 0;
		for (const seed of casesOf(4000, 100)) {
			const base = randomCorner(seed, { rigid: 0, soft: 0, span: 0 });
			const corner = { ...base, household: [] };
			if (corner.spot.posture === 'standing') continue;
			const without = bestOf(corner);
			const outcome = purchaseOutcomes(corner, without).find(
				({ purchases }) => purchases.join() === 'footrest'
			);
			const setUp = setUpAsMeasured(corner);
			const heights = [0, ...Array.from({ length: 16 }, (_, i) => 50 + 10 * i)];
			const least = Math.min(...heights.map((feet) => cornerCost(corner, { ...setUp, feet })));
			if (!outcome) continue;
			tried += 1;
			// The thighs' room may keep it lower.
			expect(outcome.plan.cost.W).toBeGreaterThanOrEqual(least);
			expect(heights).toContain(outcome.plan.stations.feet.rise);
			expect(outcome.plan.stations.feet.pieces).toEqual([]);
			expect(outcome.plan.cost.pieces).toBe(0);
		}
		expect(tried).toBeGreaterThan(0);
	});

	it('tells a keyboard and mouse to who types on a laptop, and never to who has them', () => {
		const names = (seed: number) => {
			const corner = randomCorner(seed, { rigid: 4, soft: 1, span: 0 });
			return {
				corner,
				names: purchaseOutcomes(corner, bestOf(corner)).flatMap(({ purchases }) => purchases)
			};
		};
		const all = casesOf(800, 40).map(names);
		expect(
			all.some((x) => x.corner.spot.keys.kind === 'built-in' && x.names.includes('keyboard-and-mouse'))
		).toBe(true);
		for (const { corner, names: told } of all) {
			if (corner.spot.keys.kind === 'separate') expect(told).not.toContain('keyboard-and-mouse');
			if (corner.spot.posture === 'standing') expect(told).not.toContain('footrest');
		}
	});
});

describe('a laptop alone', () => {
	it('has three arrangements: with a keyboard, hands first, and eyes alone with what is left', () => {
		let told = 0;
		for (const seed of casesOf(1000, 100)) {
			const corner = randomCorner(seed, { rigid: 5, soft: 1, span: 0 });
			const { plans, before } = planCorner(corner, 1);
			const [typing] = plans;
			const ways = typing ? laptopArrangements(corner, typing, before) : null;
			const isAlone = corner.spot.keys.kind === 'built-in';
			expect(ways !== null).toBe(isAlone && before.some(({ verdict }) => verdict === 'off'));
			if (!ways || !typing) continue;
			told += 1;
			const { reading } = ways;
			for (const station of ['seat', 'feet'] as const)
				expect(reading.stations[station]).toEqual(typing.stations[station]);
			const ids = Object.values(reading.stations).flatMap(({ pieces }) => pieces.map(({ id }) => id));
			expect(new Set(ids).size).toBe(ids.length);
			const eyeOf = (plan: Plan) => {
				const eye = plan.after.find(({ id }) => id === 'eye');
				return eye ? Math.max(0, eye.low - eye.value, eye.value - (eye.high ?? 0)) : 0;
			};
			// Within what makes no difference: the square root of 300 over the weight, and the guard.
			expect(eyeOf(reading)).toBeLessThanOrEqual(eyeOf(typing) + 15);
			expect(reading.after.map(({ id }) => id)).not.toContain('elbow');
			expect(ways.withKeyboard).toEqual(bestPlans(prepareProblem(cornerWithKeyboard(corner)), 1).plans[0]);
			expect(ways.spellMinutes).toBe(30);
		}
		expect(told).toBeGreaterThan(5);
	});
});

describe('lengths in and out', () => {
	it('mm, printed in inches, cm or mm and read again are the same mm', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 99_999 }),
				fc.constantFrom<LengthUnit>('in', 'cm', 'mm'),
				(mm, unit) => {
					expect(parseLength(formatLength(mm, unit, { withUnit: false }), unit)).toEqual({ ok: true, mm });
				}
			)
		);
	});
});

describe('openGaps', () => {
	it('leaves out what is only unsure with its value in the band', () => {
		const check = {
			id: 'eye',
			value: 0,
			low: -50,
			ideal: -10,
			high: 10,
			sd: 100,
			below: 0.4,
			p: 0.2,
			above: 0.4,
			verdict: 'unsure'
		} as const;
		expect(openGaps([check, { ...check, value: 20 }, { ...check, value: -60 }])).toEqual([
			{ id: 'eye', side: 'high', mm: 10 },
			{ id: 'eye', side: 'low', mm: 10 }
		]);
	});
});

/** A corner's household without the items of a set of single pieces, or with them only. */
function withItems(corner: Corner, ids: readonly string[]): Corner {
	const household = corner.household.flatMap((item) => {
		const count = ids.filter((id) => id === item.id).length;
		return count > 0 ? [{ ...item, count }] : [];
	});
	return { ...corner, household };
}

describe('two spots and one household', () => {
	it('are shared as well as trying every way to share them does', () => {
		let competing = 0;
		for (const seed of casesOf(300, 30)) {
			const sitting = randomCorner(seed, { rigid: 6, soft: 1, span: 0 });
			const other = randomCorner(seed + 5000, { rigid: 0, soft: 0, span: 0 });
			const standing = { ...other, household: sitting.household };
			const shared = shareHousehold([sitting, standing]).map(bestOf);
			const [a, b] = shared;
			if (!a || !b) throw new Error('There is a plan for every corner');
			expect(itemsSharedBySpots(sitting, a, b)).toEqual([]);
			const found = a.cost.W + b.cost.W;
			const bound = bestOf(sitting).cost.W + bestOf(standing).cost.W;
			if (found <= bound) continue;
			const pieces = sitting.household.flatMap(({ id, count = 1 }) => Array<string>(count).fill(id));
			if (pieces.length > 9) continue;
			competing += 1;
			let least = Infinity;
			for (let mask = 0; mask < 2 ** pieces.length; mask += 1) {
				const first = bestOf(
					withItems(
						sitting,
						pieces.filter((_, i) => (mask >> i) & 1)
					)
				).cost.W;
				if (first >= least) continue;
				const second = bestOf(
					withItems(
						standing,
						pieces.filter((_, i) => !((mask >> i) & 1))
					)
				).cost.W;
				least = Math.min(least, first + second);
			}
			// Each spot takes what is as good with fewer pieces: less than 300 of misfit for each of the two.
			expect(found).toBeLessThan(least + 600);
		}
		expect(competing).toBeGreaterThan(0);
	});

	it('are three at most, and no piece serves two of them', () => {
		for (const seed of casesOf(120, 12)) {
			const first = randomCorner(seed, { rigid: 10, soft: 2, span: 0 });
			const others = [7000, 9000].map((add) => ({
				...randomCorner(seed + add, { rigid: 0, soft: 0, span: 0 }),
				household: first.household
			}));
			const spots = [first, ...others];
			const plans = shareHousehold(spots).map(bestOf);
			expect(itemsSharedBySpots(first, ...plans)).toEqual([]);
			const inTurn = spots.reduce<Plan[]>(
				(done, spot) => [...done, bestOf(cornerWithoutUsedItems(spot, ...done))],
				[]
			);
			const sum = (of: readonly Plan[]) => of.reduce((all, { cost }) => all + cost.W, 0);
			expect(sum(plans)).toBeLessThan(sum(inTurn) + 900);
		}
	});

	it('give every piece to one of them, or say which move', () => {
		let moved = 0;
		for (const seed of casesOf(400, 40)) {
			const sitting = randomCorner(seed, { rigid: 9, soft: 2, span: 0 });
			const other = randomCorner(seed + 5000, { rigid: 0, soft: 0, span: 0 });
			const standing = { ...other, household: sitting.household };
			const first = bestOf(sitting);
			const second = bestOf(cornerWithoutUsedItems(standing, first));
			expect(itemsSharedBySpots(sitting, first, second)).toEqual([]);
			const free = bestOf(standing);
			expect(isAsGood(free.cost, second.cost)).toBe(true);
			const moving = itemsSharedBySpots(sitting, first, free);
			if (free.cost.W < second.cost.W) {
				moved += 1;
				expect(moving.length).toBeGreaterThan(0);
			}
		}
		expect(moved).toBeGreaterThan(0);
	});
});
