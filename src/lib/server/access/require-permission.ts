import { grantOf, isPermitted, type Grant, type Permission } from '../../core/access';
import type { ErrorCode } from '../../messages/error-text';
import type { Actor } from '../actor';
import { DomainError } from '../domain-error';

/** Someone who is signed in. */
export type UserActor = Actor & { readonly kind: 'user' };

/** Why an act is refused, where it is not for coordinators alone. */
const REFUSALS: Partial<Readonly<Record<Permission, ErrorCode>>> = {
	'account:own': 'signInFirst',
	'desk:live': 'signInAsWho',
	'desk:undo': 'signInAsWho',
	'referrals:list': 'referralsForClinician',
	'referrals:read': 'referralsForAsked',
	'referrals:answer': 'referralsForAsked',
	'workforce:read': 'forFigures'
};

/** What someone is told who may not do an act. */
export const refusalFor = (permission: Permission): ErrorCode => REFUSALS[permission] ?? 'forCoordinators';

/** How far an actor may go with an act; nobody but a signed-in user may do any of them. */
export const grantFor = (actor: Actor, permission: Permission): Grant =>
	actor.kind === 'user' ? grantOf(actor.role, permission) : 'none';

/**
 * Asks that the actor may do an act, by the table of permissions. Proves who acts, not that the record they name exists or was referred to
 * them: that is each use case's to find.
 *
 * @throws DomainError `not-allowed`
 */
export function requirePermission(actor: Actor, permission: Permission): UserActor {
	if (actor.kind === 'user' && isPermitted(actor.role, permission)) return actor;
	throw new DomainError('not-allowed', refusalFor(permission));
}
