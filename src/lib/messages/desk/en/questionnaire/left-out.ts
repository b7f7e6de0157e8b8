import { RECENT_ANSWER_DAYS, type ExclusionReason } from '$lib/core/platform/sending';

/** People left out of a send. */
export const leftOutTexts = {
	/** Why someone is left out, after their name. */
	reasons: {
		bounced: 'emails are returned',
		grave: 'open warning sign',
		referred: 'referred to a clinician',
		begun: 'is answering now',
		fresh: `answered in the last ${RECENT_ANSWER_DAYS} days`,
		answered: 'answered recently'
	} satisfies Record<ExclusionReason, string>,
	group: (names: readonly string[], more: number, reason: string) =>
		`${names.join(', ')}${more > 0 ? ` and ${more} more` : ''} (${reason})`
};
