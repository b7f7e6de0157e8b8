import { describe, expect, it } from 'vitest';
import { emailDueDayAfter } from './email-due-day';

describe('the day on which an email is due', () => {
	const none = { day: null, holdReason: null, heldBefore: null };
	const march = { day: '2026-03-10', holdReason: null, heldBefore: null };

	it('is held back where new rules or an import make it due, or bring it forward', () => {
		expect(emailDueDayAfter(none, '2026-03-10', 'update')).toEqual({ ...march, holdReason: 'update' });
		expect(emailDueDayAfter(march, '2026-03-09', 'import')).toEqual({
			day: '2026-03-09',
			holdReason: 'import',
			heldBefore: '2026-03-10'
		});
	});

	it('is not held where it stays, is postponed, or is due no more: people would have got it anyway', () => {
		expect(emailDueDayAfter(march, '2026-03-10', 'update')).toEqual(march);
		expect(emailDueDayAfter(march, '2026-03-20', 'update')).toEqual({ ...march, day: '2026-03-20' });
		expect(emailDueDayAfter(march, null, 'update')).toEqual(none);
	});

	it('is never held for what people do or time brings, and what they do releases what was held', () => {
		const held = { day: '2026-03-10', holdReason: 'update', heldBefore: null } as const;
		expect(emailDueDayAfter(none, '2026-03-10', null)).toEqual(march);
		expect(emailDueDayAfter(march, '2026-03-01', null)).toEqual({ ...march, day: '2026-03-01' });
		expect(emailDueDayAfter(held, '2026-03-12', null)).toEqual({ ...march, day: '2026-03-12' });
	});

	it('stays held through another assessment result that gives the same day, or a later one', () => {
		const held = { day: '2026-03-10', holdReason: 'update', heldBefore: null } as const;
		expect(emailDueDayAfter(held, '2026-03-10', null)).toEqual(held);
		expect(emailDueDayAfter(held, '2026-03-10', 'update')).toEqual(held);
		expect(emailDueDayAfter(held, '2026-03-12', 'import')).toEqual({ ...held, day: '2026-03-12' });
		// What it would have gone out on anyway is remembered through both.
		const brought = { ...held, heldBefore: '2026-04-01' };
		expect(emailDueDayAfter(brought, '2026-03-05', 'update')).toEqual({ ...brought, day: '2026-03-05' });
		expect(emailDueDayAfter(brought, '2026-03-15', null).heldBefore).toBeNull();
	});
});
