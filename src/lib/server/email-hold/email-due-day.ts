import type { HeldWhy } from '../db/schema/columns';

/** A day on which an email is due, and whether it is held back. */
export interface EmailDueDay {
	readonly day: string | null;
	readonly heldWhy: HeldWhy | null;
	/** The day on which it would have gone out anyway, where it is held because it was brought forward: it goes out then if it is cancelled. */
	readonly heldBefore: string | null;
}

/**
 * The day on which an email is due after a judgement. What the judgement brings forward, or makes due where nothing was, by new rules or an
 * import alone is held back; what it puts off goes out later, as it would have, and what was held back stays so. Where people or time have
 * acted, nothing is held.
 *
 * @param before as it stood before the judgement
 * @param day as the judgement gives it
 * @param why what the judgement was made for; null for an act of someone, or for time
 */
export function emailDueDayAfter(before: EmailDueDay, day: string | null, why: HeldWhy | null): EmailDueDay {
	if (day === before.day) return before;
	if (day === null || why === null) return { day, heldWhy: null, heldBefore: null };
	const isSooner = before.day === null || day < before.day;
	if (!isSooner) return { day, heldWhy: before.heldWhy, heldBefore: before.heldBefore };
	return { day, heldWhy: why, heldBefore: before.heldWhy ? before.heldBefore : before.day };
}
