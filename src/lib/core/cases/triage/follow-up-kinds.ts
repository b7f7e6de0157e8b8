/** A follow-up that a coordinator set, a check-in after a plan, the next self-assessment. */
export const FOLLOW_UP_KINDS = ['look', 'check-in', 'recheck'] as const;

/** One kind of follow-up. */
export type FollowUpKind = (typeof FOLLOW_UP_KINDS)[number];
