/** A calendar date without time or zone, written `2026-11-24` (ISO 8601). Branded; make one with {@link parseCivilDate}. */
export type CivilDate = string & { readonly __unit: 'civil-date' };

const DAY_MS = 86_400_000;
const SHAPE = /^(\d{4})-(\d{2})-(\d{2})$/;

function fromMs(ms: number): CivilDate {
	return new Date(ms).toISOString().slice(0, 10) as CivilDate;
}

function toMs(date: CivilDate): number {
	return Date.parse(`${date}T00:00:00Z`);
}

/** Reads a date; null where the text has another form or names no real date, such as 30 February. */
export function parseCivilDate(text: string): CivilDate | null {
	if (!SHAPE.test(text)) return null;
	const ms = Date.parse(`${text}T00:00:00Z`);
	return Number.isNaN(ms) || fromMs(ms) !== text ? null : (text as CivilDate);
}

/** The date a number of days later; earlier if negative. */
export function addDays(date: CivilDate, days: number): CivilDate {
	return fromMs(toMs(date) + days * DAY_MS);
}

/** Days from one date to another; negative where the second is earlier. */
export function daysBetween(from: CivilDate, to: CivilDate): number {
	return Math.round((toMs(to) - toMs(from)) / DAY_MS);
}

/** Day of the week: 0 is Sunday, 6 Saturday. */
export function weekdayOf(date: CivilDate): number {
	return new Date(toMs(date)).getUTCDay();
}

/** Year of a date. */
export function yearOf(date: CivilDate): number {
	return Number(date.slice(0, 4));
}

/** First and last date that a document or a form accepts: well beyond any working life, and safe for date arithmetic. */
const ACCEPTED_DAYS = ['1900-01-01', '2199-12-31'] as const;

/** A real date within {@link ACCEPTED_DAYS}; null for any other text. */
export function acceptedDay(text: string): CivilDate | null {
	const day = parseCivilDate(text);
	return day !== null && day >= ACCEPTED_DAYS[0] && day <= ACCEPTED_DAYS[1] ? day : null;
}
