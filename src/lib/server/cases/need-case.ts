import { eq } from 'drizzle-orm';
import type { Permission } from '../../core/access';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { people } = schema;

/** A coordinator who works on a case. */
export type CaseReader = Actor & { readonly kind: 'user' };

/** Asks that somebody acts who may work on cases, and that the person is there. What a clinician may see of a case is its referral (`referrals/`). */
export async function needCase(
	db: Db,
	actor: Actor,
	personId: string,
	permission: Extract<Permission, 'cases:read' | 'cases:act'>
): Promise<CaseReader> {
	const reader = requirePermission(actor, permission);
	const [person] = await db.select({ id: people.id }).from(people).where(eq(people.id, personId));
	if (!person) throw new Fault('not-found', 'noPerson');
	return reader;
}
