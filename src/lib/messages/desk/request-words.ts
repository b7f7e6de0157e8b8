import type { RequestState } from '$lib/core/equipment';

/** Where a request stands, as the coordinator reads it. */
export const STATE_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'asked for',
	approved: 'approved',
	ordered: 'ordered',
	sent: 'on its way',
	arrived: 'arrived',
	returned: 'given back',
	declined: 'declined'
};

/** What brings a request there, as the words of a button. */
export const TO_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'Take up again',
	approved: 'Approve',
	ordered: 'Ordered',
	sent: 'On its way',
	arrived: 'Arrived',
	returned: 'Given back',
	declined: 'Decline'
};

/** States that want a word with them: why, or where it was ordered. */
export const asksMore = (to: RequestState): to is 'declined' | 'ordered' =>
	to === 'declined' || to === 'ordered';
