import { describe, expect, it } from 'vitest';
import { integerProgramCost } from '../../../../tests/support/integer-program';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf } from '../../../../tests/support/rotation';
import type { Corner } from '../workstation/corner/corner';
import { bestPlans } from './plan-corner';
import { prepareProblem } from './plan-problem';

const isSoft = (kind: string) => ['pillow', 'cushion', 'towel', 'blanket', 'bolster'].includes(kind);

/** A corner of 12 to 30 rigid pieces, one in three with ranges that move. */
function largeCorner(number: number): Corner {
	for (let seed = 900_000 + 1000 * number; ; seed += 1) {
		const corner = randomCorner(seed, {
			rigid: 32,
			soft: 6,
			span: number % 3 === 0 ? 80 : 0,
			fewerBoxes: number % 2 === 0
		});
		const rigid = corner.household.reduce(
			(sum, item) => sum + (isSoft(item.kind) ? 0 : (item.count ?? 1)),
			0
		);
		if (rigid >= 12 && rigid <= 30) return corner;
	}
}

/** Source of the outside result: HiGHS, an integer-programming solver, on the model in `tests/support/integer-program.ts`. */
describe('a plan against an integer-programming solver', () => {
	it('agrees on corners of 12 to 30 rigid pieces', async () => {
		for (const number of casesOf(3000, 30)) {
			const corner = largeCorner(number);
			const { plans, proven } = bestPlans(prepareProblem(corner), 1);
			const cost = plans[0]?.cost;
			if (!cost) throw new Error('No plan');
			expect({ number, proven, ...cost }).toEqual({
				number,
				proven: true,
				...(await integerProgramCost(corner))
			});
		}
	});
});
