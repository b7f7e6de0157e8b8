import { eq } from 'drizzle-orm';
import { learnedRises } from '../../core/answers';
import type { Plan, StepPlace } from '../../core/plan';
import type { ReMeasured } from '../../core/section';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import type { OpenAssessment } from './open-assessment';
import { saveAnswers } from './save-answers';

const { assessments, equipmentRequests, letters, reMeasurements, stepTicks } = schema;

function needAnswered({ assessment }: OpenAssessment): void {
	if (!assessment.answeredAt)
		throw new Fault('conflict', 'There is no plan yet: finish the questions first.');
}

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
 * Keeps what was measured again after doing steps. Earlier ones stay as history. What pads really rise under this person
 * is learnt from it.
 *
 * @param plan the plan that was carried out; null where it is not known
 */
export async function keepReMeasurement(
	db: Db,
	open: OpenAssessment,
	lengths: ReMeasured,
	plan: Plan | null,
	now: Date
): Promise<void> {
	needAnswered(open);
	const learned = plan && open.assessment.corner ? learnedRises(open.assessment.corner, plan, lengths) : {};
	await db.transaction(async (tx) => {
		await tx.insert(reMeasurements).values({ assessmentId: open.assessment.id, at: now, lengths });
		// Counts from the next plan on: the one that stands is built by now.
		if (Object.keys(learned).length > 0) await saveAnswers(tx, open, learned, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 're-measured', personId: open.actor.personId });
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
		await writeAuditLine(tx, open.actor, { at: now, act: 'withdrawn', personId });
	});
}
