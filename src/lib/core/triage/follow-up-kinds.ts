/** A look that a coordinator has set, a check-in after a plan, the next full look. */
export const FOLLOW_UP_KINDS = ['look', 'check-in', 'recheck'] as const;

/** One kind of follow-up. */
export type FollowUpKind = (typeof FOLLOW_UP_KINDS)[number];
