/** Who can sign in: coordinators do everything, clinicians see what is referred to them, readers see totals. */
export const ROLES = ['coordinator', 'clinician', 'reader'] as const;

/** One of {@link ROLES}. */
export type Role = (typeof ROLES)[number];
