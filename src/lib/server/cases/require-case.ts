import { eq } from 'drizzle-orm';
import type { Permission } from '../../core/platform/access/permissions';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';

const { people } = schema;

/** A coordinator working on a case. */
export type CaseReader = Actor & { readonly kind: 'user' };

/** Requires that the actor may work on cases and that the person exists. A clinician sees only what was referred (`referrals/`). */
export async function requireCase(
	db: Db,
	actor: Actor,
	personId: string,
	permission: Extract<Permission, 'cases:read' | 'cases:act'>
): Promise<CaseReader> {
	const reader = requirePermission(actor, permission);
	const [person] = await db.select({ id: people.id }).from(people).where(eq(people.id, personId));
	if (!person) throw new DomainError('not-found', 'noPerson');
	return reader;
}
