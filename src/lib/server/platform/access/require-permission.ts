import { grantOf, isPermitted, type Grant, type Permission } from '../../../core/platform/access/permissions';
import type { ErrorCode } from '../../../messages/error-text';
import type { Actor } from '../actor';
import { DomainError } from '../domain-error';

export type UserActor = Actor & { readonly kind: 'user' };

/** The error for a refused act, where it is not the one for coordinators only. */
const REFUSALS: Partial<Readonly<Record<Permission, ErrorCode>>> = {
	'account:own': 'signInFirst',
	'desk:live': 'signInAsWho',
	'desk:undo': 'signInAsWho',
	'referrals:list': 'referralsForClinician',
	'referrals:read': 'referralsForAsked',
	'referrals:answer': 'referralsForAsked',
	'workforce:read': 'forFigures'
};

/** The error for someone who may not do an act. */
export const refusalFor = (permission: Permission): ErrorCode => REFUSALS[permission] ?? 'forCoordinators';

/** How much of an act is granted to an actor; nobody but a signed-in user may do any. */
export const grantFor = (actor: Actor, permission: Permission): Grant =>
	actor.kind === 'user' ? grantOf(actor.role, permission) : 'none';

/**
 * Requires that the actor may do an act, by the permission table. Proves who acts, not that the record exists or was referred to them: each
 * use case checks that.
 * @throws DomainError `not-allowed`
 */
export function requirePermission(actor: Actor, permission: Permission): UserActor {
	if (actor.kind === 'user' && isPermitted(actor.role, permission)) return actor;
	throw new DomainError('not-allowed', refusalFor(permission));
}
