/**
 * Why someone is left out when many people are sent a self-assessment at once, in order of precedence: emails to them bounce, a serious
 * warning sign is open, a clinician has the case, they are in the middle of answering, they have just answered, or they answered within the
 * days that the round excludes. Each can still be sent one from their own case.
 */
export const EXCLUSION_REASONS = ['bounced', 'grave', 'referred', 'begun', 'fresh', 'answered'] as const;

/** One of {@link EXCLUSION_REASONS}. */
export type ExclusionReason = (typeof EXCLUSION_REASONS)[number];

/** When sending to many, answers younger than this are not asked for again, days. Our assumption. */
export const RECENT_ANSWER_DAYS = 14;

/** People left out for one reason: the count, and some of them by name. */
export interface ExcludedGroup {
	readonly why: ExclusionReason;
	readonly n: number;
	readonly names: readonly string[];
}

/** Emails sent automatically when their day comes; held back where an update or an import alone made them due. */
export const HELD_EMAIL_KINDS = ['check-in', 'recheck', 'plan-reminder'] as const;

/** One of {@link HELD_EMAIL_KINDS}. */
export type HeldEmailKind = (typeof HELD_EMAIL_KINDS)[number];

const FIELD = /\{[^{}\n]*\}/g;

/**
 * Placeholders in a text that are unknown: they would go out as typed.
 * @param known the known placeholders, with their braces
 */
export function unknownPlaceholders(text: string, known: readonly string[]): string[] {
	return [...new Set(text.match(FIELD) ?? [])].filter((field) => !known.includes(field));
}
