import type { Role } from '../core/access';
import { Fault } from './fault';

export type { Role } from '../core/access';

/** Who acts. Rights are asked of this at the start of each use case; closed by default. */
export type Actor =
	| { readonly kind: 'user'; readonly id: string; readonly name: string; readonly role: Role }
	| { readonly kind: 'person'; readonly personId: string; readonly assessmentId: string }
	| { readonly kind: 'system' };

/**
 * Asks that a coordinator acts. Proves who acts, not that the record they name exists: that is each use case's to find.
 */
export function needCoordinator(actor: Actor): Actor & { readonly kind: 'user' } {
	if (actor.kind === 'user' && actor.role === 'coordinator') return actor;
	throw new Fault('not-allowed', 'forCoordinators');
}
