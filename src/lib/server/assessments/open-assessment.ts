import { desc, eq } from 'drizzle-orm';
import type { Actor } from '../actor';
import { hashToken } from '../access/tokens';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { assessments, people, reMeasurements, stepTicks } = schema;

/** An assessment as its person opens it. */
export interface OpenAssessment {
	readonly assessment: typeof assessments.$inferSelect;
	readonly personName: string;
	readonly actor: Actor & { kind: 'person' };
}

/**
 * Finds the assessment of a personal link. A link that was never given is told apart from one that has ended or
 * was replaced, since the person needs to know what to do.
 */
export async function openAssessment(db: Db, token: string, now: Date): Promise<OpenAssessment> {
	const [row] = await db
		.select({ assessment: assessments, personName: people.name })
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	if (!row)
		throw new Fault(
			'not-found',
			'This link is not complete. Open it from your letter once more, or copy all of it.'
		);
	if (row.assessment.revokedAt)
		throw new Fault(
			'ended',
			'This link was replaced by a newer one. Use the newest letter from your coordinator.'
		);
	if (row.assessment.expiresAt <= now)
		throw new Fault(
			'ended',
			'This link has ended. Ask your coordinator for a new one: it takes them a moment.'
		);
	const { id, personId } = row.assessment;
	return { ...row, actor: { kind: 'person', personId, assessmentId: id } };
}

/** Refuses what needs a plan as long as there is none. */
export function needAnswered({ assessment }: OpenAssessment): void {
	if (!assessment.answeredAt)
		throw new Fault('conflict', 'There is no plan yet: finish the questions first.');
}

/** Which steps of the plan are ticked, by place. */
export async function ticksOf(db: Db, assessmentId: string): Promise<Record<string, boolean>> {
	const rows = await db.select().from(stepTicks).where(eq(stepTicks.assessmentId, assessmentId));
	return Object.fromEntries(rows.map((row) => [row.place, row.done]));
}

/** What was measured again last, or null; one look into re_measurements_assessment_at_idx. */
export async function newestReMeasurement(
	db: Db,
	assessmentId: string
): Promise<typeof reMeasurements.$inferSelect | null> {
	const [row] = await db
		.select()
		.from(reMeasurements)
		.where(eq(reMeasurements.assessmentId, assessmentId))
		.orderBy(desc(reMeasurements.at))
		.limit(1);
	return row ?? null;
}
