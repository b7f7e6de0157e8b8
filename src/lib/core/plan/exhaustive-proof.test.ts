import { describe, expect, it } from 'vitest';
import { exhaustiveCost, usageText } from '../../../../tests/support/exhaustive-plan';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf } from '../../../../tests/support/rotation';
import { type Plan, bestPlans } from './plan-corner';
import { prepareProblem } from './plan-problem';

const idsOf = (plan: Plan) =>
	Object.values(plan.stations).flatMap((stack) => stack.pieces.map((piece) => piece.id));

describe('planCorner against an exhaustive search written apart from it', () => {
	it('agrees on the best plan', () => {
		for (const seed of casesOf(4000, 100)) {
			const span = seed % 3 === 0 ? 24 : 0;
			const corner = randomCorner(seed, { rigid: 6, soft: 2, span, fewerBoxes: true });
			const { plans, proven } = bestPlans(prepareProblem(corner), 1);
			expect({ seed, proven, ...plans[0]?.cost }).toEqual({
				seed,
				proven: true,
				...exhaustiveCost(corner)
			});
		}
	});

	it('agrees on the second and third plan', () => {
		for (const seed of casesOf(1000, 25)) {
			const corner = randomCorner(50_000 + seed, { rigid: 5, soft: 2, span: 0, fewerBoxes: true });
			const { plans } = bestPlans(prepareProblem(corner), 3);
			const told: string[] = [];
			for (let n = 0; n < 3; n += 1) {
				expect(plans[n]?.cost ?? null).toEqual(exhaustiveCost(corner, told));
				if (plans[n]) told.push(usageText(corner, idsOf(plans[n] as Plan)));
			}
			expect(new Set(told).size).toBe(plans.length);
		}
	});
});
