import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import type { RegionReport } from '../../../core/cases/discomfort/report';
import type { RedFlag } from '../../../core/cases/discomfort/red-flags';
import type { FindingId } from '../../../core/questionnaire/checklist/findings';
import { PLAN_ITEMS, type NewsKind, type PlanItem } from '../../../core/cases/case-assessment/vocabulary';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { countLinkUse } from '../../questionnaire/assessments/link-limits';
import { endedLinkError, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { schema, type Db } from '../../platform/db/client';
import type { ASKED_KINDS } from '../../platform/db/schema/plans';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { reassessCase } from '../case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { currentPlanOf, stepEventsOf, stepTicksOfPlan } from '../../plan/plans/current-plan';

const { assessments, checkIns, stepEvents } = schema;

/** A check-in that awaits its answer; served by check_ins_open_key. */
function waits(personId: string, kind: (typeof ASKED_KINDS)[number]) {
	return and(
		eq(checkIns.personId, personId),
		eq(checkIns.kind, kind),
		isNull(checkIns.answeredAt),
		isNull(checkIns.endedAt)
	);
}

/** The whole workstation was assessed again: no reminder of it is needed any more. */
export async function endRecheck(tx: Db, personId: string, now: Date): Promise<void> {
	await tx
		.update(checkIns)
		.set({ endedAt: now, remindOn: null, toCall: false })
		.where(waits(personId, 'recheck'));
}

/** The self-assessment whose plan a person works on: the newest one answered, whichever of their links they use. Null before the first. */
export async function checkInAnswersOf(db: Db, personId: string): Promise<string | null> {
	const [row] = await db
		.select({ id: assessments.id })
		.from(assessments)
		.where(
			and(eq(assessments.personId, personId), isNull(assessments.placeOf), isNotNull(assessments.answeredAt))
		)
		.orderBy(desc(assessments.sentAt), desc(assessments.id))
		.limit(1);
	return row?.id ?? null;
}

export interface CheckInAnswers {
	readonly signs: readonly RedFlag[];
	readonly discomfort: readonly RegionReport[];
	/** Steps that came undone. */
	readonly undone: readonly (PlanItem | FindingId)[];
	readonly news: readonly NewsKind[];
}

/**
 * Saves the answers of a check-in, sent or not: what came undone, discomfort, warning signs, what is new. A step that came undone changes
 * the workstation as it is now. Sent twice within a minute, it is one.
 */
export async function answerCheckIn(
	db: Db,
	open: OpenAssessment,
	said: CheckInAnswers,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		const [link] = await tx.select().from(assessments).where(eq(assessments.id, open.assessment.id));
		if (!link || link.revokedAt) throw endedLinkError(link?.endedWhy ?? 'withdrawn');
		const main = await checkInAnswersOf(tx, personId);
		if (!main) throw new DomainError('conflict', 'noPlanYet');
		await countLinkUse(tx, open.assessment.id, 'request', now);
		const [asked] = await tx.select({ id: checkIns.id }).from(checkIns).where(waits(personId, 'check-in'));
		const values = {
			answeredAt: now,
			remindOn: null,
			toCall: false,
			signs: [...said.signs],
			discomfort: [...said.discomfort],
			undone: [...said.undone],
			news: [...said.news]
		};
		if (asked) await tx.update(checkIns).set(values).where(eq(checkIns.id, asked.id));
		else
			await tx.insert(checkIns).values({
				personId,
				assessmentId: main,
				dueOn: now.toISOString().slice(0, 10),
				askedAt: now,
				...values
			});
		await undo(tx, main, said.undone, now);
		await reassessCase(tx, personId, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 'checked-in', personId });
	});
}

/** Steps that were in place and came undone. */
async function undo(
	tx: Db,
	assessmentId: string,
	said: readonly (PlanItem | FindingId)[],
	now: Date
): Promise<void> {
	const undone = PLAN_ITEMS.filter((thing) => said.includes(thing));
	const plan = await currentPlanOf(tx, assessmentId);
	if (!plan || undone.length === 0) return;
	const ticks = stepTicksOfPlan(await stepEventsOf(tx, plan.id));
	const stood = undone.filter((thing) => ticks[thing]);
	if (stood.length > 0)
		await tx.insert(stepEvents).values(
			stood.map((thing) => ({
				planId: plan.id,
				thing,
				isDone: false,
				source: 'check-in' as const,
				at: now
			}))
		);
}

/** The check-in awaiting its person's answer, if there is one. */
export async function openCheckInOf(db: Db, personId: string) {
	const [row] = await db.select().from(checkIns).where(waits(personId, 'check-in'));
	return row ?? null;
}

/** A person's answered check-ins, newest first; served by check_ins_person_idx. */
export function answeredCheckIns(db: Db, personId: string) {
	return db
		.select()
		.from(checkIns)
		.where(and(eq(checkIns.personId, personId), isNotNull(checkIns.answeredAt)))
		.orderBy(desc(checkIns.askedAt))
		.limit(50);
}
