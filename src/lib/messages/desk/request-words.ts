import type { RequestState } from '$lib/core/equipment';

/** States of a request, for the coordinator. */
export const STATE_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'requested',
	approved: 'approved',
	ordered: 'ordered',
	sent: 'on its way',
	arrived: 'arrived',
	returned: 'returned',
	declined: 'declined'
};

/** Buttons that bring a request into each state. */
export const TO_WORDS: Readonly<Record<RequestState, string>> = {
	asked: 'Reopen request',
	approved: 'Approve',
	ordered: 'Mark as ordered',
	sent: 'Mark as sent',
	arrived: 'Mark as arrived',
	returned: 'Mark as returned',
	declined: 'Decline'
};

/** States that need a detail: the reason, or the supplier. */
export const asksMore = (to: RequestState): to is 'declined' | 'ordered' =>
	to === 'declined' || to === 'ordered';
