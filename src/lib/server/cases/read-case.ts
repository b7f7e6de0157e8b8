import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { requestsOf } from '../assessments/ask-equipment';
import { newestReMeasurement, ticksOf } from '../assessments/open-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { stateOf, type PersonState } from '../people/list-people';

const { assessments, auditLines, followUps, people, users } = schema;

/** One self-assessment in a person's history. */
export interface AssessmentLine {
	readonly id: string;
	readonly sentAt: Date;
	readonly answeredAt: Date | null;
	readonly state: PersonState;
}

/** Everything the case page shows of one person. */
export async function readCase(db: Db, actor: Actor, personId: string, now: Date) {
	needCoordinator(actor);
	const [person] = await db.select().from(people).where(eq(people.id, personId));
	if (!person) throw new Fault('not-found', 'This person is not in the list. They may have been removed.');
	const sent = await db
		.select()
		.from(assessments)
		.where(eq(assessments.personId, personId))
		.orderBy(desc(assessments.sentAt));
	const main = sent.filter((a) => a.spotOf === null);
	const newest = main[0] ?? null;
	const answered = main.find((a) => a.answeredAt !== null) ?? null;
	const [followUp] = await db
		.select()
		.from(followUps)
		.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
	return {
		person,
		...stateOf(newest, now),
		newest,
		answered,
		ticks: answered ? await ticksOf(db, answered.id) : {},
		requests: answered ? await requestsOf(db, answered.id) : [],
		again: answered ? await newestReMeasurement(db, answered.id) : null,
		followUp: followUp ?? null,
		/** Further spots of the newest answers: the same person and household at another table. */
		spots: sent.filter((a) => a.spotOf !== null && a.spotOf === answered?.id && a.corner !== null),
		history: main.map((a): AssessmentLine => {
			const { id, sentAt, answeredAt } = a;
			return { id, sentAt, answeredAt, state: stateOf(a, now).state };
		}),
		log: await newestAuditLines(db, personId)
	};
}

/** A case as it is read. */
export type Case = Awaited<ReturnType<typeof readCase>>;

const LOG_LINES = 12;

/** The newest lines about a person; served by audit_lines_person_at_idx. */
function newestAuditLines(db: Db, personId: string) {
	return db
		.select({ at: auditLines.at, act: auditLines.act, actorKind: auditLines.actorKind, userName: users.name })
		.from(auditLines)
		.leftJoin(users, eq(users.id, auditLines.actorId))
		.where(eq(auditLines.personId, personId))
		.orderBy(desc(auditLines.at), desc(auditLines.id))
		.limit(LOG_LINES);
}

/** Says that the newest answers have been dealt with: the case leaves the day sheet until something is due. */
export async function markSeen(db: Db, actor: Actor, personId: string, now: Date): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const seen = await tx
			.update(assessments)
			.set({ seenAt: now })
			.where(and(eq(assessments.personId, personId), isNull(assessments.seenAt)))
			.returning({ id: assessments.id });
		if (seen.length > 0) await writeAuditLine(tx, actor, { at: now, act: 'case-seen', personId });
	});
}

/** Takes a "dealt with" back: the newest answers are on the day sheet again. */
export async function markUnseen(db: Db, actor: Actor, personId: string): Promise<void> {
	needCoordinator(actor);
	const [newest] = await db
		.select({ id: assessments.id })
		.from(assessments)
		.where(
			and(eq(assessments.personId, personId), isNotNull(assessments.levelRank), isNull(assessments.spotOf))
		)
		.orderBy(desc(assessments.sentAt))
		.limit(1);
	if (newest) await db.update(assessments).set({ seenAt: null }).where(eq(assessments.id, newest.id));
}
