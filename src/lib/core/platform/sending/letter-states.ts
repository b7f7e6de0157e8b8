/** States of an email. */
export const EMAIL_STATES = ['waiting', 'delivered', 'bounced', 'failed'] as const;

/** See {@link EMAIL_STATES}. */
export type EmailState = (typeof EMAIL_STATES)[number];

/** A state of an email that nobody received. */
export type UndeliveredState = Exclude<EmailState, 'delivered'>;
