import { eq } from 'drizzle-orm';
import type { Permission } from '../../core/access';
import { grantFor, requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import type { Referral } from './open-referral';

const { referrals } = schema;

/** A referral and who looks at it. */
export interface ReferralReader {
	readonly referral: Referral;
	readonly userId: string;
	/** Whether they were asked, and see no other referral. */
	readonly isClinician: boolean;
}

/**
 * Asks that the actor may see a referral, or act on it: who may with all of them, with any; who may with their own, with one that was made to them
 * and has not ended. What someone may not see is shown like what is not there.
 */
export async function requireReferral(
	db: Db,
	actor: Actor,
	referralId: string,
	permission: Extract<Permission, 'referrals:read' | 'referrals:answer'>
): Promise<ReferralReader> {
	const reader = requirePermission(actor, permission);
	const [referral] = await db.select().from(referrals).where(eq(referrals.id, referralId));
	const isClinician = grantFor(actor, permission) !== 'all';
	const isTheirs = referral?.clinicianId === reader.id && referral.endedAt === null;
	if (!referral || (isClinician && !isTheirs)) throw new DomainError('not-found', 'noReferral');
	return { referral, userId: reader.id, isClinician };
}
