/** States of an email. */
export const LETTER_STATES = ['waiting', 'delivered', 'bounced', 'failed'] as const;

/** See {@link LETTER_STATES}. */
export type LetterState = (typeof LETTER_STATES)[number];

/** A state of an email that nobody received. */
export type UndeliveredState = Exclude<LetterState, 'delivered'>;
