import { pageOfField } from '../answers/page-of-field';
import { SIDE_VIEW_PAGES } from '../answers/fields';

/**
 * The stations that two people go through on one side view. Warning signs, discomfort and household items are not among them: each person
 * answers those alone.
 */
export const SHARED_SESSION_STATIONS = SIDE_VIEW_PAGES;

/** One of {@link SHARED_SESSION_STATIONS}. */
export type SharedSessionStation = (typeof SHARED_SESSION_STATIONS)[number];

/** Whether a page of the self-assessment is a station. */
const isSharedSessionStation = (page: string): page is SharedSessionStation =>
	(SHARED_SESSION_STATIONS as readonly string[]).includes(page);

/** The first field that belongs to none of the stations; null where all do. */
export function fieldOutsideStations(fields: Readonly<Record<string, string>>): string | null {
	return Object.keys(fields).find((field) => !isSharedSessionStation(pageOfField(field))) ?? null;
}

/** The station of a field; the first one for a page that is none. */
export function stationOfField(field: string): SharedSessionStation {
	const page = pageOfField(field);
	return isSharedSessionStation(page) ? page : SHARED_SESSION_STATIONS[0];
}
