import type { EmailState } from '$lib/core/platform/sending/letter-states';

/** What became of an email, in words. */
export const EMAIL_STATE_WORDS = {
	waiting: 'in the queue',
	delivered: 'delivered',
	bounced: 'returned: no such mailbox',
	failed: 'not delivered'
} as const satisfies Record<EmailState, string>;
