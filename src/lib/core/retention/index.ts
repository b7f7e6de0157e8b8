import { parseCivilDate } from '../calendar';

/** For how long what is known of people is kept; null: until someone erases them. */
export interface Retention {
	/** Years after they have left. */
	readonly yearsAfterLeaving: number | null;
	/** Years after their last answer. */
	readonly yearsAfterAnswer: number | null;
}

/** Fewest and most years that can be chosen. Our assumption: local law says how many it has to be. */
export const RETENTION_YEARS = [1, 30] as const;

/** Days before which someone must have left, or answered last, for their data to go; null where that is no reason. */
export interface RetentionCutoffs {
	readonly left: string | null;
	readonly answered: string | null;
}

/** A day so many years before another; the 29th of February becomes the 28th where there is none. */
function yearsBefore(day: string, years: number): string {
	const earlier = `${String(Number(day.slice(0, 4)) - years).padStart(4, '0')}${day.slice(4)}`;
	return parseCivilDate(earlier) ? earlier : `${earlier.slice(0, 5)}02-28`;
}

/** The days of a policy on a day. @param today ISO */
export function retentionCutoffs(
	{ yearsAfterLeaving, yearsAfterAnswer }: Retention,
	today: string
): RetentionCutoffs {
	const before = (years: number | null) => (years === null ? null : yearsBefore(today, years));
	return { left: before(yearsAfterLeaving), answered: before(yearsAfterAnswer) };
}
