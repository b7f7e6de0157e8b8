/** Where a self-assessment stands, as the coordinator reads it. */
const WORDS = {
	none: 'not sent',
	sent: 'sent',
	started: 'started',
	answered: 'answered',
	revoked: 'withdrawn or replaced'
} as const;

/** The words for a state. */
export function stateWords(state: keyof typeof WORDS): string {
	return WORDS[state];
}

/** What a line of the record says. */
export const ACT_WORDS: Readonly<Record<string, string>> = {
	'person-added': 'added the person',
	'assessment-sent': 'sent a self-assessment',
	'breaks-shared': 'shares how often they break',
	'breaks-not-shared': 'no longer shares how often they break',
	'link-revoked': 'ended the link',
	consented: 'began',
	answered: 'answered',
	'step-ticked': 'ticked a step',
	're-measured': 'measured again',
	'spot-added': 'added a spot',
	'signs-told': 'reported warning signs',
	'signs-lifted': 'opened their pages again after an emergency warning sign',
	'finding-ticked': 'ticked a problem at their workstation',
	'crisis-line-set': 'changed a crisis line',
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
	'owner-set': 'said who looks after them',
	'put-off': 'put the case off, or took it up again',
	'person-changed': 'changed name, address or team',
	'set-up': 'set the way of sitting or how much is asked',
	'person-left': 'marked them as left',
	'person-returned': 'took them back',
	reminded: 'sent a reminder',
	'follow-up-set': 'set a follow-up',
	'follow-up-done': 'finished a follow-up',
	'act-undone': 'took an act back',
	'contact-recorded': 'recorded a contact',
	'message-read': 'marked a message as read',
	'plan-chosen': 'chose another plan',
	'style-kept': 'chose another sitting style',
	'checked-in': 'answered a check-in',
	'check-in-asked': 'asked how it holds',
	'plan-recalled': 'recalled a plan that was not begun'
};

/** Where a round stands, as the coordinator reads it. */
export const ROUND_STATE_WORDS = {
	draft: 'Draft, nothing is sent',
	sending: 'Letters are being written',
	open: 'Out',
	closed: 'Closed'
} as const;

/** What an act of the desk is called in the list of today's acts. */
export const DESK_ACT_WORDS = {
	settled: 'Settled',
	reopened: 'Opened again',
	written: 'Wrote to',
	noted: 'Note about',
	contacted: 'Contact with',
	sent: 'Sent a self-assessment to',
	referred: 'Referred',
	'referral-written': 'Wrote about the referral of',
	'set-up': 'Set way or questions for',
	'referral-ended': 'Ended the referral of',
	'equipment-decided': 'Decided on equipment for',
	owned: 'Said who looks after',
	'put-off': 'Put off',
	'follow-up-set': 'Follow-up for',
	'follow-up-done': 'Finished the follow-up of',
	left: 'Marked as left:',
	returned: 'Took back'
} as const;
