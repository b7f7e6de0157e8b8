import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { adviseCorner, summarizeAdvice } from './advise-corner';
import { readAdvice, readPurchases, type StoredAdvice } from './read-advice';

/** An advice as the first version kept it: purchases with what they leave open, more firm things among them. */
function ofVersion1(seed: number): StoredAdvice {
	const corner = randomCorner(seed, { rigid: 6, soft: 2, span: 0 });
	const {
		format: _format,
		more: _more,
		laptop: _laptop,
		first: _first,
		...rest
	} = summarizeAdvice(adviseCorner(corner));
	const { isBoundByThigh: _bound, ...old } = rest;
	const open = [{ id: 'eye', side: 'low', mm: 80 }] as const;
	return {
		...old,
		format: 'easy-corner.plan/1',
		ladder: [],
		plans: old.plans.slice(0, 1).map((plan) => ({ ...plan, open })),
		compromise: null,
		purchases: [
			{ purchases: [], firmMm: 60, closes: ['eye'], open: [] },
			{ purchases: ['monitor'], firmMm: null, closes: [], open: [{ id: 'eye', side: 'low', mm: 30 }] }
		]
	};
}

describe('an advice of the first version', () => {
	it('keeps its plans and numbers, and is told as advice is told now', () => {
		const stored = ofVersion1(3);
		const read = readAdvice(stored);
		expect(read).toMatchObject({ format: 'easy-corner.advise/2', laptop: null, first: [] });
		expect(read.plans).toBe(stored.plans);
		// What stood among the purchases and was none stands apart.
		expect(read.more).toMatchObject({ mm: 60, closes: ['eye'], changes: [{ id: 'eye', from: 80, to: 0 }] });
		expect(read.purchases).toHaveLength(1);
		expect(read.purchases[0]).toMatchObject({
			purchases: ['monitor'],
			changes: [{ id: 'eye', from: 80, to: 30 }]
		});
		// By the cost of a distance: 80 at 40 mm and beyond, squared below.
		expect(read.purchases[0]?.savesW).toBe(2 * (80 * 80 - 1600) - 2 * 30 * 30);
	});

	it('is read once: what is of today is handed on as it is', () => {
		const today = summarizeAdvice(adviseCorner(randomCorner(5, { rigid: 4, soft: 1, span: 0 })));
		expect(readAdvice(today)).toBe(today);
		expect(readPurchases(today.purchases)).toEqual(today.purchases);
	});
});
