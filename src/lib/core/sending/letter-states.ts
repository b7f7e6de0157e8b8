/** Where a letter stands. */
export const LETTER_STATES = ['waiting', 'delivered', 'bounced', 'failed'] as const;

/** See {@link LETTER_STATES}. */
export type LetterState = (typeof LETTER_STATES)[number];

/** A state of a letter that nobody has got. */
export type UndeliveredState = Exclude<LetterState, 'delivered'>;
