import type { LetterState } from '$lib/core/sending/letter-states';

/** What became of a letter, in words. */
export const LETTER_STATES = {
	waiting: 'waits in the queue',
	delivered: 'delivered',
	bounced: 'came back',
	failed: 'given up'
} as const satisfies Record<LetterState, string>;
