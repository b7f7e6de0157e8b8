import type { HoldReason } from '../db/schema/columns';

/** A day on which an email is due, and whether it is held back. */
export interface EmailDueDay {
	readonly day: string | null;
	readonly holdReason: HoldReason | null;
	/**
	 * The day on which it would have been sent anyway, where it is held because it was brought forward: it is sent then if it is cancelled.
	 */
	readonly heldBefore: string | null;
}

/**
 * The day on which an email is due after an assessment. What the assessment brings forward, or makes due for the first time, by new rules
 * or an import alone is held back; what it puts off is sent later, as it would have been, and what was held stays held. Where people or
 * time have acted, nothing is held.
 * @param before the state before the assessment
 * @param day the day given by the assessment
 * @param why what the assessment was made for; null for a person's act, or for time
 */
export function emailDueDayAfter(
	before: EmailDueDay,
	day: string | null,
	why: HoldReason | null
): EmailDueDay {
	if (day === before.day) return before;
	if (day === null || why === null) return { day, holdReason: null, heldBefore: null };
	const isSooner = before.day === null || day < before.day;
	if (!isSooner) return { day, holdReason: before.holdReason, heldBefore: before.heldBefore };
	return { day, holdReason: why, heldBefore: before.holdReason ? before.heldBefore : before.day };
}
