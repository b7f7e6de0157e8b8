import { eq } from 'drizzle-orm';
import type { Permission } from '../../../core/platform/access/permissions';
import { grantFor, requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import type { Referral } from './open-referral';

const { referrals } = schema;

export interface ReferralReader {
	readonly referral: Referral;
	readonly userId: string;
	/** Whether they were asked, and can see no other referral. */
	readonly isClinician: boolean;
}

/**
 * Requires that the actor may see a referral, or act on it: with the permission for all, any; with the permission for their own, one made
 * to them that has not ended. What someone may not see looks like something that does not exist.
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
