import { parseCivilDate, type CivilDate } from '../calendar';
import { SITTING_STYLES, type SittingStyle } from '../corner';
import type { Answers } from './fields';

/** Names of the fields that hold which sitting style is being tried, and since which day. */
export const STYLE_FIELDS = { way: 'style.way', since: 'style.since' } as const;

/** A sitting style that is being tried. */
export interface StyleTrial {
	readonly way: SittingStyle;
	readonly since: CivilDate;
}

/** The sitting style that someone is trying; null for none. */
export function styleTrialOf(answers: Answers): StyleTrial | null {
	const way = SITTING_STYLES.find((one) => one === answers[STYLE_FIELDS.way]);
	const since = parseCivilDate(answers[STYLE_FIELDS.since] ?? '');
	return way && since ? { way, since } : null;
}

/** Fields that say that a style is tried from a day on; that none is, for null. */
export function styleTrialFields(tried: StyleTrial | null): Record<string, string> {
	return { [STYLE_FIELDS.way]: tried?.way ?? '', [STYLE_FIELDS.since]: tried?.since ?? '' };
}
