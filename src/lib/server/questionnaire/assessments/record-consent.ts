import { and, eq, isNull, sql } from 'drizzle-orm';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { requirePerson } from '../../people/lock-person';
import type { OpenAssessment } from './open-assessment';
import { padShareFields } from './pad-share-fields';

const { assessments } = schema;

/**
 * Records that the person has read what is collected and agrees; from then on their pads sink as colleagues have measured it. Doing it twice
 * keeps the first time.
 */
export async function recordConsent(db: Db, { assessment, actor }: OpenAssessment, now: Date): Promise<void> {
	const { personId } = actor;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		if (!(await markConsent(tx, { id: assessment.id, personId }, now))) return;
		await reassessCase(tx, personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'consented', personId });
	});
}

/**
 * Marks a self-assessment as agreed to, in the act that says by whom.
 * @returns false where it was before, or the link has ended
 */
export async function markConsent(
	tx: Db,
	{ id, personId }: { readonly id: string; readonly personId: string },
	now: Date
): Promise<boolean> {
	const changed = await tx
		.update(assessments)
		.set({ consentedAt: now })
		.where(and(eq(assessments.id, id), isNull(assessments.consentedAt), isNull(assessments.revokedAt)))
		.returning({ id: assessments.id });
	if (changed.length === 0) return false;
	const pads = await padShareFields(tx, personId);
	if (Object.keys(pads).length > 0)
		await tx
			.update(assessments)
			.set({
				answers: sql`${assessments.answers} || ${JSON.stringify(pads)}::jsonb`,
				answersRevision: sql`${assessments.answersRevision} + 1`
			})
			.where(eq(assessments.id, id));
	return true;
}
