import type { RequestState } from '$lib/core/plan/equipment';

/** Equipment requests. */
export const requestTexts = {
	states: {
		asked: 'requested',
		approved: 'approved',
		ordered: 'ordered',
		sent: 'on its way',
		arrived: 'arrived',
		returned: 'returned',
		declined: 'declined'
	} satisfies Record<RequestState, string>,
	testDone: 'done',
	markTestDone: 'Record as done today',
	/** Buttons that move a request to each state. */
	acts: {
		asked: 'Reopen request',
		approved: 'Approve',
		ordered: 'Mark as ordered',
		sent: 'Mark as sent',
		arrived: 'Mark as arrived',
		returned: 'Mark as returned',
		declined: 'Decline'
	} satisfies Record<RequestState, string>
};
