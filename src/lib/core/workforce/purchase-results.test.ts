import { describe, expect, it } from 'vitest';
import { purchaseResults, type ArrivedEquipment } from './purchase-results';

const one = (over: Partial<ArrivedEquipment> = {}): ArrivedEquipment => ({
	purchases: ['footrest'],
	hadProblem: true,
	hasProblem: false,
	paid: { cents: 3000, currency: 'EUR' },
	...over
});
const times = (n: number, over: Partial<ArrivedEquipment> = {}) => Array.from({ length: n }, () => one(over));

describe('what purchases achieved', () => {
	it('counts those whose problem is gone among those who had one, and what was paid for all of these', () => {
		const results = purchaseResults([
			...times(12),
			...times(8, { hasProblem: true, paid: { cents: 5000, currency: 'EUR' } }),
			...times(6, { hadProblem: false, paid: { cents: 9900, currency: 'EUR' } })
		]);
		expect(results).toMatchObject({
			people: 26,
			all: { x: 12, n: 20 },
			purchases: [{ purchase: 'footrest', figure: { x: 12, n: 20 } }],
			paid: [{ cents: 12 * 3000 + 8 * 5000, currency: 'EUR' }]
		});
	});

	it('shows nothing of fewer than five people, of a person with an item of their own, or where only few are left', () => {
		expect(purchaseResults(times(4))).toBeNull();
		expect(purchaseResults([...times(12), ...times(3, { hasProblem: true })])).toBeNull();
		const results = purchaseResults([
			...times(12),
			...times(8, { hasProblem: true }),
			one({ purchases: ['monitor'] })
		]);
		expect(results?.purchases.map(({ purchase }) => purchase)).not.toContain('monitor');
	});

	it('tells no sum where an amount is missing; what came from stock costs nothing', () => {
		expect(purchaseResults([...times(12), ...times(8, { paid: null })])?.paid).toBeNull();
		expect(purchaseResults(times(12, { paid: { cents: 0, currency: '' } }))?.paid).toEqual([]);
	});

	it('keeps currencies apart, the largest sum first', () => {
		const results = purchaseResults([...times(6), ...times(6, { paid: { cents: 9000, currency: 'GBP' } })]);
		expect(results?.paid).toEqual([
			{ cents: 54_000, currency: 'GBP' },
			{ cents: 18_000, currency: 'EUR' }
		]);
	});
});
