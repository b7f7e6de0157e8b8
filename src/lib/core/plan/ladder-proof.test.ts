import { describe, expect, it } from 'vitest';
import { exhaustiveLadder } from '../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../tests/support/random-corner';
import { ladderOf, planCorner, reportCorner, thingsOfPlan } from './index';

/** The rungs by their rule, from what trying everything found. */
function rungsOf(least: readonly { W: number }[]): number[] {
	const nothing = least[0]?.W ?? 0;
	const rungs: number[] = [];
	let last = nothing;
	for (let things = 1; things < least.length; things += 1) {
		const W = least[things]?.W ?? Infinity;
		if (last === 0 || last - W < nothing / 10) continue;
		rungs.push(things);
		last = W;
	}
	return rungs;
}

describe('the ladder', () => {
	it('has the rungs, with W, pieces and D, that trying everything finds, on 400 random corners', () => {
		let rungs = 0;
		let several = 0;
		for (let seed = 0; seed < 400; seed += 1) {
			const corner = randomCorner(seed, { rigid: 5, soft: 2, span: seed % 3 === 0 ? 12 : 0 });
			const best = planCorner(corner, 1).plans[0];
			if (!best) throw new Error(`No plan for ${seed}`);
			const ladder = ladderOf(corner, best);
			expect(ladder.proven).toBe(true);
			const { before } = reportCorner(corner);
			if (before.every(({ verdict }) => verdict === 'fits')) {
				expect(ladder.rungs).toEqual([]);
				continue;
			}
			const least = exhaustiveLadder(corner);
			const told = ladder.rungs.map(({ things, plan }) => ({ things, ...plan.cost }));
			expect(told, `seed ${seed}`).toEqual(rungsOf(least).map((things) => ({ things, ...least[things] })));
			rungs += told.length;
			if (told.length > 1) several += 1;
		}
		expect(rungs).toBeGreaterThan(200);
		expect(several).toBeGreaterThan(25);
	});

	it('asks for just so many things, says what gets worse, and ends no worse than it began', () => {
		let worsened = 0;
		for (let seed = 400; seed < 700; seed += 1) {
			const corner = randomCorner(seed, { rigid: 10, soft: 3, span: seed % 3 === 0 ? 40 : 0 });
			const [best] = planCorner(corner, 1).plans;
			if (!best) continue;
			const { before } = reportCorner(corner);
			let last = Infinity;
			for (const { things, plan, worse } of ladderOf(corner, best).rungs) {
				expect(thingsOfPlan(corner, plan)).toHaveLength(things);
				expect(plan.cost.W).toBeLessThan(last);
				last = plan.cost.W;
				for (const check of plan.after) {
					const fitted = before.find(({ id }) => id === check.id)?.verdict === 'fits';
					expect(worse.includes(check.id)).toBe(fitted && check.verdict !== 'fits');
				}
				worsened += worse.length;
			}
		}
		expect(worsened).toBeGreaterThan(0);
	});
});
