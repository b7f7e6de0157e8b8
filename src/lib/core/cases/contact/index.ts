import type { CheckId } from '../../workstation/checks/check-values';

/** Ways of reaching someone. */
export const CONTACT_WAYS = ['phone', 'message', 'video', 'in-person'] as const;

/** One of {@link CONTACT_WAYS}. */
export type ContactWay = (typeof CONTACT_WAYS)[number];

/** Results of an attempt to reach someone. */
export const CONTACT_RESULTS = ['reached', 'no-answer', 'left-word', 'wrong-number'] as const;

/** One of {@link CONTACT_RESULTS}. */
export type ContactResult = (typeof CONTACT_RESULTS)[number];

/** What can follow a conversation about a warning sign: a follow-up day, a referral, or nothing, with the reason. */
export const CONTACT_NEXT_STEPS = ['look', 'referral', 'nothing'] as const;

/** One of {@link CONTACT_NEXT_STEPS}. */
export type ContactNextStep = (typeof CONTACT_NEXT_STEPS)[number];

/** Ways of contact in which a coordinator can see the workstation. */
export const SEEING_WAYS: readonly ContactWay[] = ['video', 'in-person'];

/** What a coordinator saw of a height, by their own assessment result. */
export const LOOK_RESULTS = ['fits', 'problem'] as const;

/** One of {@link LOOK_RESULTS}. */
export type LookResult = (typeof LOOK_RESULTS)[number];

/** What a coordinator saw of each height; those they didn't look at are left out. */
export type CoordinatorLook = Readonly<Partial<Record<CheckId, LookResult>>>;
