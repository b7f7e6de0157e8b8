import { describe, expect, it } from 'vitest';
import { usualOrder, type CatalogueLine } from './usual-order';

const LAMP: CatalogueLine = {
	code: 'desk-lamp',
	cents: 2_490,
	currency: 'EUR',
	supplier: 'Bracken Supplies',
	article: 'BS-L02',
	deliveryDays: 4
};

describe('the form of an order', () => {
	it('begins with what the catalogue says, and with nothing where it says nothing', () => {
		expect(usualOrder(LAMP)).toEqual({ supplier: 'Bracken Supplies', cost: '24.90', currency: 'EUR' });
		expect(usualOrder({ ...LAMP, cents: null, supplier: '' })).toEqual({
			supplier: '',
			cost: '',
			currency: 'EUR'
		});
		expect(usualOrder(undefined)).toEqual({ supplier: '', cost: '', currency: '' });
	});

	it('has a price that reads back as the same cents, for every amount up to a thousand', () => {
		for (let cents = 0; cents <= 100_000; cents += 7) {
			const { cost } = usualOrder({ ...LAMP, cents });
			expect(cost).toMatch(/^\d+\.\d{2}$/);
			expect(Math.round(Number(cost) * 100)).toBe(cents);
		}
	});
});
