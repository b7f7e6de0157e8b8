/** A day of the calendar without a time or a zone, written `2026-11-24` (ISO 8601). Branded; make one with {@link parseCivilDate}. */
export type CivilDate = string & { readonly __unit: 'civil-date' };

const DAY_MS = 86_400_000;
const SHAPE = /^(\d{4})-(\d{2})-(\d{2})$/;

function fromMs(ms: number): CivilDate {
	return new Date(ms).toISOString().slice(0, 10) as CivilDate;
}

function toMs(date: CivilDate): number {
	return Date.parse(`${date}T00:00:00Z`);
}

/** Reads a day; null where the text is of another shape or names no day of the calendar, such as 30 February. */
export function parseCivilDate(text: string): CivilDate | null {
	if (!SHAPE.test(text)) return null;
	const ms = Date.parse(`${text}T00:00:00Z`);
	return Number.isNaN(ms) || fromMs(ms) !== text ? null : (text as CivilDate);
}

/** The day so many days later; earlier below 0. */
export function addDays(date: CivilDate, days: number): CivilDate {
	return fromMs(toMs(date) + days * DAY_MS);
}

/** Days from one day to another; below 0 where the second is earlier. */
export function daysBetween(from: CivilDate, to: CivilDate): number {
	return Math.round((toMs(to) - toMs(from)) / DAY_MS);
}

/** Day of the week: 0 is Sunday, 6 Saturday. */
export function weekdayOf(date: CivilDate): number {
	return new Date(toMs(date)).getUTCDay();
}

/** Year of a day. */
export function yearOf(date: CivilDate): number {
	return Number(date.slice(0, 4));
}

/** First and last day that a document or a form may name: far around any working life, and safe for every sum of days. */
export const ACCEPTED_DAYS = ['1900-01-01', '2199-12-31'] as const;

/** A day that exists and lies within {@link ACCEPTED_DAYS}; null for every other text. */
export function acceptedDay(text: string): CivilDate | null {
	const day = parseCivilDate(text);
	return day !== null && day >= ACCEPTED_DAYS[0] && day <= ACCEPTED_DAYS[1] ? day : null;
}
