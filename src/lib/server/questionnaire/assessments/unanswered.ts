import { and, desc, eq, isNull } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';

const { assessments } = schema;

/** The self-assessment to which a person has a working link and which they have not answered; served by assessments_person_sent_idx. */
export async function unansweredOf(db: Db, personId: string): Promise<string | null> {
	const [open] = await db
		.select({ id: assessments.id })
		.from(assessments)
		.where(
			and(
				eq(assessments.personId, personId),
				isNull(assessments.placeOf),
				isNull(assessments.answeredAt),
				isNull(assessments.revokedAt)
			)
		)
		.orderBy(desc(assessments.sentAt))
		.limit(1);
	return open?.id ?? null;
}
