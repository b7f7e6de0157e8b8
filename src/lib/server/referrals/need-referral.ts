import { eq } from 'drizzle-orm';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import type { Referral } from './open-referral';

const { referrals } = schema;

/** A referral and who looks at it. */
export interface ReferralReader {
	readonly referral: Referral;
	readonly userId: string;
	readonly isClinician: boolean;
}

/**
 * Asks that the actor may see a referral: coordinators see all, a clinician those that were made to them and have not ended, a reader none. What
 * somebody may not see is shown like what is not there.
 */
export async function needReferral(db: Db, actor: Actor, referralId: string): Promise<ReferralReader> {
	if (actor.kind !== 'user' || actor.role === 'reader') throw new Fault('not-allowed', 'referralsForAsked');
	const [referral] = await db.select().from(referrals).where(eq(referrals.id, referralId));
	const isClinician = actor.role === 'clinician';
	const isTheirs = referral?.clinicianId === actor.id && referral.endedAt === null;
	if (!referral || (isClinician && !isTheirs)) throw new Fault('not-found', 'noReferral');
	return { referral, userId: actor.id, isClinician };
}
