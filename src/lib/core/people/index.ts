/** Where the newest self-assessment of a person stands. */
export const PERSON_STATES = ['none', 'sent', 'started', 'answered', 'revoked'] as const;

/** One of {@link PERSON_STATES}. */
export type PersonState = (typeof PERSON_STATES)[number];

/** What can be done to many people at once. */
export const BULK_ACTS = ['send', 'team', 'leave', 'return', 'follow-up'] as const;
