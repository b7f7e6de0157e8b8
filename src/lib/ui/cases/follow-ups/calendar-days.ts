const DAY_MS = 86_400_000;

/**
 * The start of a date.
 * @param iso ISO date
 */
export const dateAt = (iso: string): Date => new Date(`${iso}T00:00:00Z`);

/** The date some days later. */
export const daysOn = (iso: string, days: number): string =>
	new Date(dateAt(iso).getTime() + days * DAY_MS).toISOString().slice(0, 10);

/** All dates from one to another, inclusive. */
export const daysFromTo = (from: string, until: string): string[] =>
	Array.from({ length: (dateAt(until).getTime() - dateAt(from).getTime()) / DAY_MS + 1 }, (_, i) =>
		daysOn(from, i)
	);

/** The views of the coming days. */
export const CALENDAR_VIEWS = ['month', 'week', 'list'] as const;

/** One of {@link CALENDAR_VIEWS}. */
export type CalendarView = (typeof CALENDAR_VIEWS)[number];

export const calendarHref = (view: string, day: string): string => `?view=${view}&day=${day}`;

/** Days per step of a view; without an entry, a step is a month. */
const STEP_DAYS: Readonly<Record<CalendarView, number>> = { month: 0, week: 7, list: 60 };

/** The next or previous span of a view. */
export function stepRange(view: CalendarView, day: string, by: 1 | -1): string {
	if (STEP_DAYS[view] > 0) return calendarHref(view, daysOn(day, by * STEP_DAYS[view]));
	const first = dateAt(`${day.slice(0, 7)}-01`);
	first.setUTCMonth(first.getUTCMonth() + by);
	return calendarHref(view, first.toISOString().slice(0, 10));
}
