import { pageOfField } from '../answers/page-of-field';
import { SIDE_VIEW_PAGES } from '../answers/fields';

/**
 * The stations that two people go through on one side view. Warning signs, discomfort and household items are not among them: each person
 * answers those alone.
 */
export const WALKTHROUGH_STATIONS = SIDE_VIEW_PAGES;

/** One of {@link WALKTHROUGH_STATIONS}. */
export type WalkthroughStation = (typeof WALKTHROUGH_STATIONS)[number];

/** Whether a page of the self-assessment is a station. */
const isWalkthroughStation = (page: string): page is WalkthroughStation =>
	(WALKTHROUGH_STATIONS as readonly string[]).includes(page);

/** The first field that belongs to none of the stations; null where all do. */
export function fieldOutsideStations(fields: Readonly<Record<string, string>>): string | null {
	return Object.keys(fields).find((field) => !isWalkthroughStation(pageOfField(field))) ?? null;
}

/** The station of a field; the first one for a page that is none. */
export function stationOfField(field: string): WalkthroughStation {
	const page = pageOfField(field);
	return isWalkthroughStation(page) ? page : WALKTHROUGH_STATIONS[0];
}
