import { and, eq, gt } from 'drizzle-orm';
import type { PlanItem } from '../../../core/cases/case-assessment/vocabulary';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { requireAnswered, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { currentPlanOf, stepEventsOf, type StoredPlan, type StepEvent } from './current-plan';

const { checkIns, remeasurements, stepEvents } = schema;

/**
 * Ticks or unticks a step of the plan in use. Unticking removes the tick as if it had never been, if nothing came after it; what was
 * measured or said at a check-in since then stays, and the step counts as undone from now on.
 */
export async function tickStep(
	db: Db,
	open: OpenAssessment,
	input: { thing: PlanItem; done: boolean },
	now: Date
): Promise<void> {
	requireAnswered(open);
	const { thing, done } = input;
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		const plan = await currentPlanOf(tx, open.assessment.id);
		// A step that the plan no longer has: the page is out of date, and shows the new plan when reloaded.
		if (!plan || !plan.steps.some(({ place }) => place === thing)) return;
		const events = await stepEventsOf(tx, plan.id);
		const last = events.filter((event) => event.thing === thing).at(-1) ?? null;
		if ((last?.isDone ?? false) === done) return;
		if (!done && last && !(await hasComeSince(tx, plan, last)))
			await tx.delete(stepEvents).where(eq(stepEvents.id, last.id));
		else
			await tx.insert(stepEvents).values({ planId: plan.id, thing, isDone: done, source: 'tick', at: now });
		await reassessCase(tx, personId, now);
		const detail = { place: thing, done: done ? 1 : 0 };
		await writeAuditLine(tx, open.actor, { at: now, act: 'step-ticked', personId, detail });
	});
}

/** Whether anything was measured, or said at a check-in, since a step was ticked. */
async function hasComeSince(tx: Db, plan: StoredPlan, { at, source }: StepEvent): Promise<boolean> {
	if (source !== 'tick') return true;
	const measured = await tx.$count(
		remeasurements,
		and(eq(remeasurements.assessmentId, plan.assessmentId), gt(remeasurements.at, at))
	);
	const asked = await tx.$count(
		checkIns,
		and(eq(checkIns.assessmentId, plan.assessmentId), gt(checkIns.answeredAt, at))
	);
	return measured + asked > 0;
}
