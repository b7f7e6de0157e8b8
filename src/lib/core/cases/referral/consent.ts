/** How a person consented to a referral. Common practice: nothing is passed on before they have. */
export const CONSENT_WAYS = ['spoken', 'written'] as const;

/** One of {@link CONSENT_WAYS}. */
export type ConsentWay = (typeof CONSENT_WAYS)[number];
