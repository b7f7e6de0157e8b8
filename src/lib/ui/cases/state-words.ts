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
	'case-seen': 'settled the case',
	'case-reopened': 'opened the case again',
	'case-read': 'looked at the case',
	'message-written': 'wrote a message',
	'note-written': 'wrote a note',
	referred: 'referred the case',
	'referral-ended': 'ended the referral',
	'equipment-decided': 'decided on equipment',
	'person-changed': 'changed name, address or team',
	'person-left': 'noted that they have left',
	'person-returned': 'took them back',
	reminded: 'sent a reminder',
	'follow-up-set': 'set a follow-up',
	'follow-up-done': 'finished a follow-up'
};

/** Where a round stands, as the coordinator reads it. */
export const ROUND_STATES = {
	draft: 'Draft, nothing is sent',
	sending: 'Letters are being written',
	open: 'Out',
	closed: 'Closed'
} as const;
