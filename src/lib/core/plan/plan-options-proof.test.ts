import { describe, expect, it } from 'vitest';
import { exhaustiveLadder } from '../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf } from '../../../../tests/support/rotation';
import { planOptions, itemsOfPlan } from './plan-options';
import { cornerCost } from './corner-cost';
import { planCorner } from './plan-corner';

type Least = ReturnType<typeof exhaustiveLadder>[number];

/** The rungs by their rule, from what trying everything found: how many things each asks for. */
function rungsOf(nothing: number, least: readonly Least[], leaves: (things: number) => boolean): number[] {
	const best = least.at(-1)?.W ?? 0;
	const gained = nothing - best;
	const most = least.findIndex((one) => JSON.stringify(one) === JSON.stringify(least.at(-1)));
	const W = (things: number) => least[things]?.W ?? Infinity;
	const counts = Array.from({ length: most }, (_, i) => i + 1);
	const recommended = counts.find(
		(k) => counts.filter((n) => n >= k).every((n) => W(n) - best <= gained / 10) && !leaves(k)
	);
	const rungs: number[] = [];
	let last = nothing;
	for (const things of counts.filter((k) => k <= (recommended ?? 0))) {
		const gain = last - W(things);
		if (things !== recommended && (gain < gained / 10 || gain < 300)) continue;
		rungs.push(things);
		last = W(things);
	}
	return rungs;
}

describe('the ladder', () => {
	it('has the rungs, with W, pieces and D, that trying everything finds, on random corners', () => {
		let rungs = 0;
		let several = 0;
		for (const seed of casesOf(1200, 120)) {
			const corner = randomCorner(seed, { rigid: 5, soft: 2, span: seed % 3 === 0 ? 12 : 0 });
			const { plans, before } = planCorner(corner, 1);
			const best = plans[0];
			if (!best) throw new Error(`No plan for ${seed}`);
			const ladder = planOptions(corner, best, before);
			expect(ladder.proven).toBe(true);
			if (itemsOfPlan(corner, best).length === 0) {
				expect(ladder.rungs).toEqual([]);
				continue;
			}
			const least = exhaustiveLadder(corner);
			const told = ladder.rungs.map(({ things, plan }) => ({ things, ...plan.cost }));
			// Whether a plan leaves outside what the best puts inside is a question of its checks: asked of the plan itself.
			const outside = (plan: typeof best, id: string) => {
				const check = plan.after.find((one) => one.id === id);
				return check ? Math.max(0, check.low - check.value, check.value - (check.high ?? Infinity)) : 0;
			};
			const leaves = (things: number) => {
				const plan = ladder.rungs.find((rung) => rung.things === things)?.plan;
				return (plan?.after ?? []).some(
					({ id }) => plan && outside(plan, id) > 10 && outside(best, id) === 0
				);
			};
			expect(told, `seed ${seed}`).toEqual(
				rungsOf(cornerCost(corner), least, leaves).map((things) => ({ things, ...least[things] }))
			);
			rungs += told.length;
			if (told.length > 1) several += 1;
		}
		expect(rungs).toBeGreaterThan(40);
		expect(several).toBeGreaterThan(5);
	});

	it('asks for no more than so many things, says what gets worse, and ends no worse than it began', () => {
		let worsened = 0;
		for (const seed of casesOf(1200, 150).map((n) => 5000 + n)) {
			const corner = randomCorner(seed, { rigid: 10, soft: 3, span: seed % 3 === 0 ? 40 : 0 });
			const { plans, before } = planCorner(corner, 1);
			const best = plans[0];
			if (!best) continue;
			for (const { things, plan, worse } of planOptions(corner, best, before).rungs) {
				expect(itemsOfPlan(corner, plan).length).toBeLessThanOrEqual(things);
				expect(plan.cost.W).toBeLessThan(cornerCost(corner) + 300);
				for (const check of plan.after) {
					const now = before.find(({ id }) => id === check.id);
					const far = (one: typeof now) =>
						one ? Math.max(0, one.low - one.value, one.value - (one.high ?? Infinity)) : 0;
					const isWorse = (far(now) === 0 && far(check) > 0) || far(check) > far(now) + 10;
					expect(worse.includes(check.id)).toBe(isWorse);
				}
				worsened += worse.length;
			}
		}
		expect(worsened).toBeGreaterThan(0);
	});
});
