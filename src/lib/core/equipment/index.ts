/** Where a request for equipment can stand. */
export const REQUEST_STATES = ['asked', 'approved', 'declined', 'sent', 'arrived'] as const;

/** One of {@link REQUEST_STATES}. */
export type RequestState = (typeof REQUEST_STATES)[number];

/** What may follow what. */
export const NEXT_STATES: Readonly<Record<RequestState, readonly RequestState[]>> = {
	asked: ['approved', 'declined'],
	approved: ['sent', 'declined'],
	declined: ['asked'],
	sent: ['arrived'],
	arrived: []
};
