/** What became of a letter, in words. */
export const LETTER_STATES = {
	waiting: 'waits in the queue',
	delivered: 'delivered',
	bounced: 'came back',
	failed: 'given up'
} as const;
