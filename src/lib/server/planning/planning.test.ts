import { describe, expect, it } from 'vitest';
import type { PersonInNeed } from '../../core/budget';
import type { PurchaseId } from '../../core/plan';
import { solveBudget } from './planning';

describe('a budget that is solved', () => {
	const alike = (from: number, n: number, worst: number, thing: PurchaseId): PersonInNeed[] =>
		Array.from({ length: n }, (_, i) => ({
			personId: `p${from + i}`,
			worst,
			offers: [{ things: [thing], closes: ['knee'], savesW: 400 }]
		}));
	const ask = (cents: number, over: { stock?: Map<PurchaseId, number>; restPerCent?: number } = {}) =>
		solveBudget({
			people: [...alike(100, 40, 8, 'footrest'), ...alike(200, 40, 0, 'monitor')],
			restPerCent: -1,
			prices: new Map([
				['footrest', 3000],
				['monitor', 20_000]
			]),
			cents,
			stock: new Map(),
			stepCents: 10_000,
			mostLines: 5,
			mostNamed: 3,
			...over
		});

	it('lists some, and counts all', () => {
		const { best, helpedByStep, isComplete } = ask(60_000, { stock: new Map([['footrest', 4]]) });
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
		expect(isComplete).toBe(true);
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

	it('says so where somebody who was left out could be part of it', () => {
		// Money for twenty footrests: a footrest is worth 7200 / 3000 for a cent, a monitor 4000 / 20,000.
		expect(ask(60_000, { restPerCent: 0.2 }).isComplete).toBe(true);
		expect(ask(60_000, { restPerCent: 2.4 }).isComplete).toBe(false);
		// What is left in stock would help anybody.
		expect(ask(60_000, { restPerCent: 0.01, stock: new Map([['footrest', 99]]) }).isComplete).toBe(false);
		expect(ask(2_000_000, { restPerCent: 0.001 }).isComplete).toBe(false);
	});
});
