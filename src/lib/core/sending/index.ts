/**
 * Why someone is left out when many are sent a self-assessment at once, in the order in which it is said: their letters come back, something
 * grave is open, a clinician has the case, they are in the midst of answering, they have just answered, or they answered within the days that
 * the round leaves out. Each can still be sent one from their own case.
 */
export const EXCLUSION_REASONS = ['bounced', 'grave', 'referred', 'begun', 'fresh', 'answered'] as const;

/** One of {@link EXCLUSION_REASONS}. */
export type ExclusionReason = (typeof EXCLUSION_REASONS)[number];

/** Answers younger than so many days are not asked for again by a send to many. Our assumption. */
export const RECENT_ANSWER_DAYS = 14;

/** Who is left out, counted, with some of them by name. */
export interface ExcludedGroup {
	readonly why: ExclusionReason;
	readonly n: number;
	readonly names: readonly string[];
}

/** Emails that the program sends by itself when their day has come, and that are held back where an update or an import alone made them due. */
export const HELD_EMAIL_KINDS = ['check-in', 'recheck', 'plan-reminder'] as const;

/** One of {@link HELD_EMAIL_KINDS}. */
export type HeldEmailKind = (typeof HELD_EMAIL_KINDS)[number];

const FIELD = /\{[^{}\n]*\}/g;

/** Fields of a letter that are none: they would go out as they were typed. @param known the fields that are filled in, with their braces */
export function unknownPlaceholders(text: string, known: readonly string[]): string[] {
	return [...new Set(text.match(FIELD) ?? [])].filter((field) => !known.includes(field));
}
