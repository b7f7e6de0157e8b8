import { eq } from 'drizzle-orm';
import type { StepPlace } from '../../core/plan';
import { writeAuditLine } from '../audit/write-audit-line';
import { refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { needAnswered, type OpenAssessment } from './open-assessment';

const { assessments, equipmentRequests, letters, messages, reMeasurements, stepTicks } = schema;

/** Ticks or unticks a step of the plan. */
export async function tickStep(
	db: Db,
	open: OpenAssessment,
	input: { place: StepPlace; done: boolean },
	now: Date
): Promise<void> {
	needAnswered(open);
	await db.transaction(async (tx) => {
		const values = { assessmentId: open.assessment.id, ...input, at: now };
		await tx
			.insert(stepTicks)
			.values(values)
			.onConflictDoUpdate({
				target: [stepTicks.assessmentId, stepTicks.place],
				set: { done: input.done, at: now }
			});
		const detail = { place: input.place, done: input.done ? 1 : 0 };
		await writeAuditLine(tx, open.actor, {
			at: now,
			act: 'step-ticked',
			personId: open.actor.personId,
			detail
		});
	});
}

/**
 * Withdraws a self-assessment: answers, corner, ticks, measurements and the letters with the link are removed and the
 * link ends. That it was sent, and withdrawn, stays on record.
 */
export async function withdrawAssessment(db: Db, open: OpenAssessment, now: Date): Promise<void> {
	// Whichever spot it is asked at, everything of this self-assessment goes.
	const { personId } = open.assessment;
	const id = open.assessment.spotOf ?? open.assessment.id;
	await db.transaction(async (tx) => {
		await tx.delete(stepTicks).where(eq(stepTicks.assessmentId, id));
		await tx.delete(equipmentRequests).where(eq(equipmentRequests.assessmentId, id));
		await tx.delete(reMeasurements).where(eq(reMeasurements.assessmentId, id));
		await tx.delete(letters).where(eq(letters.personId, personId));
		await tx
			.update(assessments)
			.set({
				answers: {},
				corner: null,
				answeredAt: null,
				savedAt: null,
				checksOff: null,
				checksUnsure: null,
				costNow: null,
				costPlanned: null,
				signs: [],
				signsAt: null,
				discomfort: [],
				levelRank: null,
				reasons: [],
				seenAt: null,
				revokedAt: now
			})
			.where(eq(assessments.id, id));
		// With the first spot its others go.
		await tx.delete(assessments).where(eq(assessments.spotOf, id));
		await tx.delete(messages).where(eq(messages.personId, personId));
		await refreshCase(tx, personId, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 'withdrawn', personId });
	});
}
