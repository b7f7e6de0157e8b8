import { and, desc, eq, isNull } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';

const { referrals } = schema;

/** A referral as stored. */
export type Referral = typeof referrals.$inferSelect;

/** A person's open referral, to an account or by a printed letter; null where there is none. Served by referrals_person_at_idx. */
export async function openReferralOf(db: Db, personId: string): Promise<Referral | null> {
	const [referral] = await db
		.select()
		.from(referrals)
		.where(and(eq(referrals.personId, personId), isNull(referrals.endedAt)))
		.orderBy(desc(referrals.at))
		.limit(1);
	return referral ?? null;
}
