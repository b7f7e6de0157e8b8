import { parseCivilDate } from '../calendar/civil-date';

/** How long data about people is kept; null: until someone erases it. */
export interface Retention {
	/** Years after they have left. */
	readonly yearsAfterLeaving: number | null;
	/** Years after their last answer. */
	readonly yearsAfterAnswer: number | null;
}

/** Fewest and most years that can be chosen. Our assumption: local law decides how many are required. */
export const RETENTION_YEARS = [1, 30] as const;

/** Days before which someone must have left, or last answered, for their data to be erased; null where that is no reason. */
export interface RetentionCutoffs {
	readonly left: string | null;
	readonly answered: string | null;
}

/** The date some years before another; 29 February becomes the 28th where there is none. */
function yearsBefore(day: string, years: number): string {
	const earlier = `${String(Number(day.slice(0, 4)) - years).padStart(4, '0')}${day.slice(4)}`;
	return parseCivilDate(earlier) ? earlier : `${earlier.slice(0, 5)}02-28`;
}

/**
 * The cut-off days of a retention policy.
 * @param today ISO date
 */
export function retentionCutoffs(
	{ yearsAfterLeaving, yearsAfterAnswer }: Retention,
	today: string
): RetentionCutoffs {
	const before = (years: number | null) => (years === null ? null : yearsBefore(today, years));
	return { left: before(yearsAfterLeaving), answered: before(yearsAfterAnswer) };
}
