/** Where a self-assessment stands, as the coordinator reads it. */
const WORDS = {
	none: 'not sent',
	sent: 'sent',
	started: 'started',
	answered: 'answered',
	revoked: 'withdrawn or replaced',
	expired: 'link ended'
} as const;

/** The words for a state. */
export function stateWords(state: keyof typeof WORDS): string {
	return WORDS[state];
}

/** What a line of the record says. */
export const ACT_WORDS: Readonly<Record<string, string>> = {
	'person-added': 'added the person',
	'assessment-sent': 'sent a self-assessment',
	'link-revoked': 'ended the link',
	consented: 'began',
	answered: 'answered',
	'step-ticked': 'ticked a step',
	're-measured': 'measured again',
	'spot-added': 'added a spot',
	'signs-told': 'told signs for a professional',
	'equipment-asked': 'asked for equipment',
	'equipment-not-needed': 'took a request for equipment back',
	withdrawn: 'withdrew the answers',
	'case-seen': 'dealt with the answers',
	'follow-up-set': 'set a follow-up',
	'follow-up-done': 'finished a follow-up'
};
