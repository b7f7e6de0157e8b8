import { describe, expect, it } from 'vitest';
import type { PurchaseId } from '../../../core/plan/purchases';
import { solveBudget } from './planning';

describe('a budget that is solved', () => {
	const alike = (from: number, n: number, worst: number, thing: PurchaseId) =>
		Array.from({ length: n }, (_, i) => `p${from + i} ${worst} 400 ${thing} knee`);
	const ask = (cents: number, stock = new Map<PurchaseId, number>()) =>
		solveBudget({
			needs: [...alike(100, 40, 8, 'footrest'), ...alike(200, 41, 0, 'monitor')].join('\n'),
			leftOut: { waiting: new Set(['p240']), declined: new Map([['p239', ['footrest']]]) },
			prices: new Map([
				['footrest', 3000],
				['monitor', 20_000]
			]),
			cents,
			stock,
			stepCents: 10_000,
			mostLines: 5,
			mostNamed: 3
		});

	it('lists some, and counts all', () => {
		const { best, all, helpedByStep, waiting } = ask(60_000, new Map([['footrest', 4]]));
		expect(best).toMatchObject({
			people: 24,
			cents: 60_000,
			closes: 24,
			proof: 'best',
			things: [{ thing: 'footrest', n: 24, fromStock: 4 }],
			tied: { n: 16, first: ['p124', 'p125', 'p126'] }
		});
		expect(best.lines.map(({ personId }) => personId)).toEqual(['p100', 'p101', 'p102', 'p103', 'p104']);
		expect(helpedByStep).toEqual({ n: 3, first: ['p124', 'p125', 'p126'] });
		expect(all).toEqual({ people: 80, closes: 80, cents: 36 * 3000 + 40 * 20_000 });
		expect(waiting).toBe(1);
	});

	it('buys everything where the money is enough', () => {
		const { best } = ask(2_000_000);
		expect(best).toMatchObject({
			people: 80,
			cents: 36 * 3000 + 4 * 3000 + 40 * 20_000,
			tied: { n: 0, first: [] }
		});
		expect(best.things.map(({ n }) => n)).toEqual([40, 40]);
	});
});
