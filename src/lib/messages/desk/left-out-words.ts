import { RECENT_ANSWER_DAYS, type ExclusionReason, type ExcludedGroup } from '$lib/core/sending';

/** Why someone is left out, after their name. */
export const LEFT_OUT_WORDS: Readonly<Record<ExclusionReason, string>> = {
	bounced: 'emails are returned',
	grave: 'open warning sign',
	referred: 'referred to a clinician',
	begun: 'is answering now',
	fresh: `answered in the last ${RECENT_ANSWER_DAYS} days`,
	answered: 'answered recently'
};

/** Names listed before the rest is counted. */
const NAMED = 5;

/** A group that is left out, in words. */
export function leftOutWords({ why, n, names }: ExcludedGroup): string {
	const more = n - Math.min(n, NAMED);
	return `${names.slice(0, NAMED).join(', ')}${more > 0 ? ` and ${more} more` : ''} (${LEFT_OUT_WORDS[why]})`;
}
