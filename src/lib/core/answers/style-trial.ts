import { parseCivilDate, type CivilDate } from '../calendar';
import { SITTING_STYLES, type SittingStyle } from '../corner';
import type { Answers } from './fields';

/** Names of the fields for the sitting style on trial, and the day the trial began. */
export const STYLE_FIELDS = { way: 'style.way', since: 'style.since' } as const;

/** A sitting style on trial. */
export interface StyleTrial {
	readonly way: SittingStyle;
	readonly since: CivilDate;
}

/** The sitting style someone is trying; null for none. */
export function styleTrialOf(answers: Answers): StyleTrial | null {
	const way = SITTING_STYLES.find((one) => one === answers[STYLE_FIELDS.way]);
	const since = parseCivilDate(answers[STYLE_FIELDS.since] ?? '');
	return way && since ? { way, since } : null;
}

/** Fields that start a trial on a day; for null, fields that end it. */
export function styleTrialFields(tried: StyleTrial | null): Record<string, string> {
	return { [STYLE_FIELDS.way]: tried?.way ?? '', [STYLE_FIELDS.since]: tried?.since ?? '' };
}
