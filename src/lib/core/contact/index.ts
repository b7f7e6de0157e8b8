/** How someone can be reached. */
export const CONTACT_WAYS = ['phone', 'message', 'video', 'in-person'] as const;

/** One of {@link CONTACT_WAYS}. */
export type ContactWay = (typeof CONTACT_WAYS)[number];

/** What can come of an attempt to reach someone. */
export const CONTACT_RESULTS = ['reached', 'no-answer', 'left-word', 'wrong-number'] as const;

/** One of {@link CONTACT_RESULTS}. */
export type ContactResult = (typeof CONTACT_RESULTS)[number];

/** What can come after a sign was talked about: another look on a day, a clinician, or nothing, with the reason. */
export const CONTACT_NEXT_STEPS = ['look', 'referral', 'nothing'] as const;

/** One of {@link CONTACT_NEXT_STEPS}. */
export type ContactNextStep = (typeof CONTACT_NEXT_STEPS)[number];
