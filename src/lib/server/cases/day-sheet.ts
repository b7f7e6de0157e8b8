import { and, asc, count, desc, eq, isNotNull, isNull, lte, sql } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { schema, type Db } from '../db/client';

const { assessments, followUps, people } = schema;

/** Most lines of one kind that the sheet shows; how many more there are is told. */
export const LINES_A_KIND = 200;

/** Somebody to look at again today or since. */
async function followUpsDue(db: Db, today: string) {
	const newest = db
		.select({ corner: assessments.corner })
		.from(assessments)
		.where(
			and(eq(assessments.personId, people.id), isNotNull(assessments.answeredAt), isNull(assessments.spotOf))
		)
		.orderBy(desc(assessments.sentAt))
		.limit(1)
		.as('newest');
	return db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			due: followUps.due,
			reason: followUps.reason,
			corner: newest.corner
		})
		.from(followUps)
		.innerJoin(people, eq(people.id, followUps.personId))
		.leftJoinLateral(newest, sql`true`)
		.where(and(isNull(followUps.doneAt), lte(followUps.due, today)))
		.orderBy(asc(followUps.due), people.id)
		.limit(LINES_A_KIND);
}

/** New answers and signs that nobody has dealt with: the most urgent level first, then those with most open. */
async function answersToSee(db: Db) {
	return db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			answeredAt: assessments.answeredAt,
			signsAt: assessments.signsAt,
			levelRank: assessments.levelRank,
			reasons: assessments.reasons,
			corner: assessments.corner,
			costPlanned: assessments.costPlanned
		})
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.where(and(isNotNull(assessments.levelRank), isNull(assessments.seenAt)))
		.orderBy(
			asc(assessments.levelRank),
			sql`${assessments.checksOff} desc nulls last`,
			sql`${assessments.costNow} desc nulls last`
		)
		.limit(LINES_A_KIND);
}

/**
 * Who needs the coordinator today: follow-ups that are due, then new answers. Both lists are read from partial indexes
 * that hold open lines only (follow_ups_due_idx, assessments_unseen_idx), so the cost follows what is open and
 * not the workforce.
 *
 * @param today ISO date in the coordinator's time zone
 */
export async function readDaySheet(db: Db, actor: Actor, today: string) {
	needCoordinator(actor);
	const [due, fresh, waiting] = await Promise.all([
		followUpsDue(db, today),
		answersToSee(db),
		db
			.select({ n: count() })
			.from(assessments)
			.where(and(isNull(assessments.answeredAt), isNull(assessments.revokedAt), isNull(assessments.spotOf)))
	]);
	return { due, fresh, waiting: waiting[0]?.n ?? 0 };
}
