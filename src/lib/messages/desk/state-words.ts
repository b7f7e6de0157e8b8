/** States of a self-assessment, for the coordinator. */
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

/** Audit-log lines, in words. */
export const ACT_WORDS: Readonly<Record<string, string>> = {
	'person-added': 'added the person',
	'assessment-sent': 'sent a self-assessment',
	'breaks-shared': 'started sharing their breaks',
	'breaks-not-shared': 'stopped sharing their breaks',
	'link-revoked': 'ended the personal link',
	consented: 'started the self-assessment',
	answered: 'answered',
	'step-ticked': 'ticked a step',
	're-measured': 'did a height check',
	'spot-added': 'added a workstation',
	'signs-told': 'reported warning signs',
	'signs-lifted': 'reopened their pages after an emergency warning sign',
	'finding-ticked': 'ticked a problem at their workstation',
	'crisis-line-set': 'changed a crisis line',
	'equipment-asked': 'requested equipment',
	'equipment-not-needed': 'cancelled an equipment request',
	withdrawn: 'withdrew their answers',
	'case-seen': 'marked the case as done',
	'case-reopened': 'reopened the case',
	'case-read': 'viewed the case',
	'message-written': 'wrote a message',
	'note-written': 'wrote a note',
	referred: 'referred the case',
	'referral-ended': 'closed the referral',
	'equipment-decided': 'decided on equipment',
	'owner-set': 'changed who the case is assigned to',
	'put-off': 'postponed the case, or moved it back to the list',
	'person-changed': 'changed personal details',
	'set-up': 'changed the sitting style or questionnaire',
	'person-left': 'marked them as a leaver',
	'person-returned': 'marked them as returned',
	reminded: 'sent a reminder',
	'follow-up-set': 'set a follow-up',
	'follow-up-done': 'finished a follow-up',
	'act-undone': 'undid an action',
	'contact-recorded': 'recorded a contact',
	'message-read': 'marked a message as read',
	'plan-chosen': 'chose another plan',
	'style-kept': 'chose another sitting style',
	'checked-in': 'answered a check-in',
	'check-in-asked': 'sent a check-in',
	'plan-recalled': 'sent a reminder of a plan that was not started'
};

/** States of a round, for the coordinator. */
export const ROUND_STATE_WORDS = {
	draft: 'Draft, not sent',
	sending: 'Sending',
	open: 'Open',
	closed: 'Closed'
} as const;

/** Names of desk acts in the list of today's acts. */
export const DESK_ACT_WORDS = {
	settled: 'Marked as done:',
	reopened: 'Reopened:',
	written: 'Message to',
	noted: 'Note about',
	contacted: 'Contact with',
	sent: 'Sent a self-assessment to',
	referred: 'Referred',
	'referral-written': 'Message about the referral of',
	'set-up': 'Changed settings for',
	'referral-ended': 'Closed the referral of',
	'equipment-decided': 'Decided on equipment for',
	owned: 'Assigned',
	'put-off': 'Postponed:',
	'follow-up-set': 'Follow-up for',
	'follow-up-done': 'Finished the follow-up of',
	left: 'Marked as leaver:',
	returned: 'Marked as returned:'
} as const;
