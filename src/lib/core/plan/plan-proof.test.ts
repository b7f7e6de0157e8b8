import { describe, expect, it } from 'vitest';
import { integerProgramCost } from '../../../../tests/support/integer-program';
import { randomCorner } from '../../../../tests/support/random-corner';
import type { Corner } from '../corner';
import { planCorner } from './index';

const isSoft = (kind: string) => ['pillow', 'cushion', 'towel', 'blanket', 'bolster'].includes(kind);

/** Random corners of 12 to 30 rigid pieces, one in three with ranges that move. */
function* largeCorners(): Generator<Corner> {
	for (let seed = 900_000; ; seed += 1) {
		const corner = randomCorner(seed, {
			rigid: 32,
			soft: 6,
			span: seed % 3 === 0 ? 80 : 0,
			fewerBoxes: seed % 2 === 0
		});
		const rigid = corner.household.reduce(
			(sum, item) => sum + (isSoft(item.kind) ? 0 : (item.count ?? 1)),
			0
		);
		if (rigid >= 12 && rigid <= 30) yield corner;
	}
}

const corners = largeCorners();

/** Source of the outside result: HiGHS, an integer-programming solver, on the model in `tests/support/integer-program.ts`. */
describe('planCorner against an integer-programming solver', () => {
	it.each(Array.from({ length: 30 }, (_, i) => i))(
		'agrees on ten corners of 12 to 30 rigid pieces, batch %i',
		async (batch) => {
			for (let i = 0; i < 10; i += 1) {
				const corner = corners.next().value as Corner;
				const { plans, proven } = planCorner(corner, 1);
				const cost = plans[0]?.cost;
				if (!cost) throw new Error('No plan');
				expect({ batch, i, proven, ...cost }).toEqual({
					batch,
					i,
					proven: true,
					...(await integerProgramCost(corner, cost))
				});
			}
		},
		300_000
	);
});
