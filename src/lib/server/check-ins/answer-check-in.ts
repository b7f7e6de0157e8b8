import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import type { RegionReport, Sign } from '../../core/discomfort';
import type { FindingId } from '../../core/checklist';
import { THINGS, type News, type Thing } from '../../core/judgement';
import { writeAuditLine } from '../audit/write-audit-line';
import { countUse } from '../assessments/link-limits';
import { endedFault, type OpenAssessment } from '../assessments/open-assessment';
import { schema, type Db } from '../db/client';
import type { ASKED_KINDS } from '../db/schema/plans';
import { inTransaction } from '../db/transaction';
import { Fault } from '../fault';
import { judgeAnew } from '../judgements/judge-anew';
import { needPerson } from '../people/lock-person';
import { currentPlanOf, eventsOf, ticksOf } from '../plans/current-plan';

const { assessments, checkIns, stepEvents } = schema;

/** What was asked of a person and waits for an answer; served by check_ins_open_key. */
function waits(personId: string, kind: (typeof ASKED_KINDS)[number]) {
	return and(
		eq(checkIns.personId, personId),
		eq(checkIns.kind, kind),
		isNull(checkIns.answeredAt),
		isNull(checkIns.endedAt)
	);
}

/** The whole corner was looked at again: nobody is reminded of it any more. */
export async function endRecheck(tx: Db, personId: string, now: Date): Promise<void> {
	await tx
		.update(checkIns)
		.set({ endedAt: now, remindOn: null, toCall: false })
		.where(waits(personId, 'recheck'));
}

/**
 * The self-assessment whose plan a person works on: the newest that they answered, whichever of their links they use. Null before the
 * first.
 */
export async function answeredOf(db: Db, personId: string): Promise<string | null> {
	const [row] = await db
		.select({ id: assessments.id })
		.from(assessments)
		.where(
			and(eq(assessments.personId, personId), isNull(assessments.spotOf), isNotNull(assessments.answeredAt))
		)
		.orderBy(desc(assessments.sentAt), desc(assessments.id))
		.limit(1);
	return row?.id ?? null;
}

/** What a person says at a check-in. */
export interface CheckInAnswers {
	readonly signs: readonly Sign[];
	readonly discomfort: readonly RegionReport[];
	/** Steps that have come undone. */
	readonly undone: readonly (Thing | FindingId)[];
	readonly news: readonly News[];
}

/**
 * Takes the answers of a check-in, asked for or not: what has come undone, how it feels, warning signs, what is new. A step that came
 * undone puts the corner as it stands back there. Sent twice within the same minute it is one.
 */
export async function answerCheckIn(
	db: Db,
	open: OpenAssessment,
	said: CheckInAnswers,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		await needPerson(tx, personId);
		const [link] = await tx.select().from(assessments).where(eq(assessments.id, open.assessment.id));
		if (!link || link.revokedAt) throw endedFault(link?.endedWhy ?? 'withdrawn');
		const main = await answeredOf(tx, personId);
		if (!main) throw new Fault('conflict', 'noPlanYet');
		await countUse(tx, open.assessment.id, 'request', now);
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
		await judgeAnew(tx, personId, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 'checked-in', personId });
	});
}

/** Steps that stood and have come undone. */
async function undo(
	tx: Db,
	assessmentId: string,
	said: readonly (Thing | FindingId)[],
	now: Date
): Promise<void> {
	const undone = THINGS.filter((thing) => said.includes(thing));
	const plan = await currentPlanOf(tx, assessmentId);
	if (!plan || undone.length === 0) return;
	const ticks = ticksOf(await eventsOf(tx, plan.id));
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

/** The check-in that waits for its person's answer, if one does. */
export async function openCheckInOf(db: Db, personId: string) {
	const [row] = await db.select().from(checkIns).where(waits(personId, 'check-in'));
	return row ?? null;
}

/** The check-ins that a person has answered, the newest first; served by check_ins_person_idx. */
export function answeredCheckIns(db: Db, personId: string) {
	return db
		.select()
		.from(checkIns)
		.where(and(eq(checkIns.personId, personId), isNotNull(checkIns.answeredAt)))
		.orderBy(desc(checkIns.askedAt))
		.limit(50);
}
