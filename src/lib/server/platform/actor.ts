import type { Role } from '../../core/platform/access/roles';

export type { Role } from '../../core/platform/access/roles';

/** Who acts. Permissions are checked against this at the start of each use case; denied by default. */
export type Actor =
	| { readonly kind: 'user'; readonly id: string; readonly name: string; readonly role: Role }
	| { readonly kind: 'person'; readonly personId: string; readonly assessmentId: string }
	| { readonly kind: 'system' };
