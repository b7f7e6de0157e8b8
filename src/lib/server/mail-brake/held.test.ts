import { describe, expect, it } from 'vitest';
import { mailDayAfter } from './held';

describe('the day on which an email is due', () => {
	const none = { day: null, heldWhy: null };
	const march = { day: '2026-03-10', heldWhy: null };

	it('is held back where new rules or an import make it due, or bring it forward', () => {
		expect(mailDayAfter(none, '2026-03-10', 'update')).toEqual({ day: '2026-03-10', heldWhy: 'update' });
		expect(mailDayAfter(march, '2026-03-09', 'import')).toEqual({ day: '2026-03-09', heldWhy: 'import' });
	});

	it('is not held where it stays, is put off, or is due no more: people would have got it anyway', () => {
		expect(mailDayAfter(march, '2026-03-10', 'update')).toEqual(march);
		expect(mailDayAfter(march, '2026-03-20', 'update')).toEqual({ day: '2026-03-20', heldWhy: null });
		expect(mailDayAfter(march, null, 'update')).toEqual(none);
	});

	it('is never held for what people do or time brings, and what they do releases what was held', () => {
		const held = { day: '2026-03-10', heldWhy: 'update' } as const;
		expect(mailDayAfter(none, '2026-03-10', null)).toEqual(march);
		expect(mailDayAfter(march, '2026-03-01', null)).toEqual({ day: '2026-03-01', heldWhy: null });
		expect(mailDayAfter(held, '2026-03-12', null)).toEqual({ day: '2026-03-12', heldWhy: null });
	});

	it('stays held through another judgement that gives the same day, or a later one', () => {
		const held = { day: '2026-03-10', heldWhy: 'update' } as const;
		expect(mailDayAfter(held, '2026-03-10', null)).toEqual(held);
		expect(mailDayAfter(held, '2026-03-10', 'update')).toEqual(held);
		expect(mailDayAfter(held, '2026-03-12', 'import')).toEqual({ day: '2026-03-12', heldWhy: 'update' });
	});
});
