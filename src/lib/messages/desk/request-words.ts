import type { RequestState } from '$lib/core/equipment';

/** Where a request stands, as the coordinator reads it. */
export const STATE_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'requested',
	approved: 'approved',
	ordered: 'ordered',
	sent: 'on its way',
	arrived: 'arrived',
	returned: 'returned',
	declined: 'declined'
};

/** What brings a request there, as the words of a button. */
export const TO_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'Reopen request',
	approved: 'Approve',
	ordered: 'Mark as ordered',
	sent: 'Mark as sent',
	arrived: 'Mark as arrived',
	returned: 'Mark as returned',
	declined: 'Decline'
};

/** States that want a word with them: why, or where it was ordered. */
export const asksMore = (to: RequestState): to is 'declined' | 'ordered' =>
	to === 'declined' || to === 'ordered';
