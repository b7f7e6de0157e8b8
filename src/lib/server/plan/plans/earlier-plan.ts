import { and, desc, eq, inArray, isNotNull, isNull, ne } from 'drizzle-orm';
import {
	itemsGone,
	LASTING_FINDINGS,
	type InPlaceItem
} from '../../../core/questionnaire/answers/in-place-items';
import type { Answers } from '../../../core/questionnaire/answers/fields';
import type { ShippedFindingId } from '../../../core/questionnaire/checklist/findings';
import type { PlanStep } from '../../../core/plan/plan-steps';
import { schema, type Db } from '../../platform/db/client';
import {
	currentPlanOf,
	stepEventsOf,
	stepTicksOfPlan,
	type StoredPlan,
	type StepEvent
} from './current-plan';

const { assessments, findingTicks } = schema;

/** A self-assessment that is answered again. */
interface AskedAgain {
	readonly id: string;
	readonly personId: string;
	readonly answers: Answers;
}

/** The plan of the last self-assessment, with the events of steps still in place. */
export interface EarlierPlan {
	readonly assessmentId: string;
	readonly plan: StoredPlan;
	readonly events: readonly StepEvent[];
}

/** A person's previous answers for their main workstation; served by assessments_person_sent_idx. */
async function answeredBefore(db: Db, { id, personId }: AskedAgain): Promise<string | null> {
	const [last] = await db
		.select({ id: assessments.id })
		.from(assessments)
		.where(
			and(
				eq(assessments.personId, personId),
				ne(assessments.id, id),
				isNull(assessments.placeOf),
				isNotNull(assessments.answeredAt)
			)
		)
		.orderBy(desc(assessments.sentAt), desc(assessments.id))
		.limit(1);
	return last?.id ?? null;
}

/** The plan since the last answers, without what the person says is no longer there; null where there is none. */
export async function earlierPlanOf(db: Db, asked: AskedAgain): Promise<EarlierPlan | null> {
	const assessmentId = await answeredBefore(db, asked);
	const plan = assessmentId && (await currentPlanOf(db, assessmentId));
	if (!plan) return null;
	const gone = itemsGone(asked.answers);
	const events = (await stepEventsOf(db, plan.id)).filter(({ thing }) => !gone.has(thing));
	return { assessmentId: plan.assessmentId, plan, events };
}

/** Lasting problems that were fixed after other answers. */
async function putRight(db: Db, assessmentId: string): Promise<ShippedFindingId[]> {
	const rows = await db
		.select({ finding: findingTicks.finding })
		.from(findingTicks)
		.where(
			and(
				eq(findingTicks.assessmentId, assessmentId),
				eq(findingTicks.how, 'done'),
				inArray(findingTicks.finding, [...LASTING_FINDINGS])
			)
		);
	return LASTING_FINDINGS.filter((id) => rows.some(({ finding }) => finding === id));
}

/** What someone who is asked again has in place since last time: steps of their plan, and fixed problems. */
export async function inPlaceSince(
	db: Db,
	asked: AskedAgain
): Promise<{ readonly steps: readonly PlanStep[]; readonly findings: readonly ShippedFindingId[] }> {
	const earlier = await earlierPlanOf(db, { ...asked, answers: {} });
	if (!earlier) return { steps: [], findings: [] };
	const ticks = stepTicksOfPlan(earlier.events);
	return {
		steps: earlier.plan.steps.filter(({ place }) => ticks[place]),
		findings: await putRight(db, earlier.assessmentId)
	};
}

/** Problems that the person says are still fixed stay so after the new answers. */
export async function carryOverTicks(
	tx: Db,
	asked: AskedAgain,
	earlier: EarlierPlan,
	now: Date
): Promise<void> {
	const gone: ReadonlySet<InPlaceItem | string> = itemsGone(asked.answers);
	const kept = (await putRight(tx, earlier.assessmentId)).filter((finding) => !gone.has(finding));
	if (kept.length === 0) return;
	await tx
		.insert(findingTicks)
		.values(kept.map((finding) => ({ assessmentId: asked.id, finding, how: 'done' as const, at: now })))
		.onConflictDoNothing();
}
