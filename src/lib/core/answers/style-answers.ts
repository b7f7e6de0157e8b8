import { civilDate, type CivilDate } from '../calendar';
import { WAYS, type Way } from '../corner';
import type { Answers } from './fields';

/** Names of the fields that hold which sitting style is being tried, and since which day. */
export const STYLE_FIELDS = { way: 'style.way', since: 'style.since' } as const;

/** A sitting style that is being tried. */
export interface TriedStyle {
	readonly way: Way;
	readonly since: CivilDate;
}

/** The sitting style that somebody is trying; null for none. */
export function triedStyle(answers: Answers): TriedStyle | null {
	const way = WAYS.find((one) => one === answers[STYLE_FIELDS.way]);
	const since = civilDate(answers[STYLE_FIELDS.since] ?? '');
	return way && since ? { way, since } : null;
}

/** Fields that say that a style is tried from a day on; that none is, for null. */
export function fieldsOfStyle(tried: TriedStyle | null): Record<string, string> {
	return { [STYLE_FIELDS.way]: tried?.way ?? '', [STYLE_FIELDS.since]: tried?.since ?? '' };
}
