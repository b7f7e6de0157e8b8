import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import { schema, type Db } from '../db/client';

const { referrals } = schema;

/** The clinician who looks at a person's case just now; null where none does. Served by referrals_person_at_idx. */
export async function openReferralOf(db: Db, personId: string): Promise<string | null> {
	const [referral] = await db
		.select({ clinicianId: referrals.clinicianId })
		.from(referrals)
		.where(and(eq(referrals.personId, personId), isNull(referrals.endedAt), isNotNull(referrals.clinicianId)))
		.orderBy(desc(referrals.at))
		.limit(1);
	return referral?.clinicianId ?? null;
}
