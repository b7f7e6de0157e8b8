import { FRESH_DAYS, type LeftOut, type LeftOutGroup } from '$lib/core/sending';

/** Why somebody is left out, behind their name. */
export const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
	bounced: 'letters come back',
	grave: 'something grave is open',
	referred: 'with a clinician',
	begun: 'is answering now',
	fresh: `answered in the last ${FRESH_DAYS} days`,
	answered: 'answered within the days of the round'
};

/** Names that are said before the rest is counted. */
const NAMED = 5;

/** A group that is left out, in words. */
export function leftOutWords({ why, n, names }: LeftOutGroup): string {
	const more = n - Math.min(n, NAMED);
	return `${names.slice(0, NAMED).join(', ')}${more > 0 ? ` and ${more} more` : ''} (${LEFT_OUT_WORDS[why]})`;
}
