import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { casesOf } from '../../../../../tests/support/rotation';
import { cornerCost } from '../corner-cost';
import { adviseCorner, summarizeAdvice } from './advise-corner';
import { planOffers, stepsOfOffer } from './plan-offers';

const advised = casesOf(480, 48).map((seed) => {
	const corner = randomCorner(seed + 900, {
		rigid: (seed % 4) * 6,
		soft: seed % 3,
		span: seed % 5 === 0 ? 60 : 0
	});
	return { corner, advice: summarizeAdvice(adviseCorner(corner)) };
});

describe('what is offered', () => {
	it('begins with the last rung of the ladder, then the rungs below it, then the same with other things', () => {
		let [laddered, others] = [0, 0];
		for (const { corner, advice } of advised) {
			const offers = planOffers(corner, advice);
			const things = offers.flatMap(({ rung }) => rung?.things ?? []);
			expect(things).toEqual([...advice.ladder].reverse().map((rung) => rung.things));
			if (things.length > 0) {
				laddered += 1;
				expect(offers[0]?.plan).toEqual(advice.ladder.at(-1)?.plan);
			}
			for (const { rung, plan, kind } of offers.slice(things.length)) {
				expect(rung).toBeNull();
				if (things.length === 0 || kind === 'reading') continue;
				others += 1;
				expect(plan.cost.W).toBeLessThan(cornerCost(corner));
			}
		}
		expect(laddered).toBeGreaterThan(12);
		expect(others).toBeGreaterThan(4);
	});

	it('asks for nothing where every check fits, or where nothing is worth doing', () => {
		let nothing = 0;
		for (const { corner, advice } of advised) {
			if (advice.ladder.length !== 0) continue;
			nothing += 1;
			expect(stepsOfOffer(corner, advice, 0)).toEqual([]);
			const offers = planOffers(corner, advice).filter(({ kind }) => kind !== 'reading');
			expect(offers).toHaveLength(1);
		}
		expect(nothing).toBeGreaterThan(0);
	});
});
