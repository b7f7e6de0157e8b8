import {
	and,
	asc,
	count,
	desc,
	eq,
	gte,
	inArray,
	isNotNull,
	isNull,
	lt,
	lte,
	sql,
	type SQL
} from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { schema, type Db } from '../db/client';

const { cases, followUps, people } = schema;

/** Follow-ups that a list shows at most. */
const MOST_FOLLOW_UPS = 300;

/**
 * The first open follow-ups of a condition, by day. Picked from the index before anything is joined to them: what is read
 * follows what is shown.
 */
function firstLines(db: Db, condition: SQL | undefined, limit: number) {
	const picked = db
		.select({ personId: cases.personId, levelRank: cases.levelRank, followUpOn: cases.followUpOn })
		.from(cases)
		.where(condition)
		.orderBy(asc(cases.followUpOn), asc(cases.personId))
		.limit(limit)
		.as('picked');
	return db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			country: people.country,
			due: followUps.due,
			reason: followUps.reason,
			version: followUps.version,
			levelRank: picked.levelRank
		})
		.from(picked)
		.innerJoin(people, eq(people.id, picked.personId))
		.innerJoin(followUps, and(eq(followUps.personId, picked.personId), isNull(followUps.doneAt)))
		.orderBy(asc(picked.followUpOn), asc(picked.personId));
}

/** One open follow-up. */
export type FollowUpLine = Awaited<ReturnType<typeof firstLines>>[number];

/** Follow-ups of one day that are shown in the calendar; how many more there are is told. */
export const A_DAY = { month: 4, week: 40 } as const;

/** Overdue follow-ups that are shown; the rest stands on the day sheet. */
const MOST_OVERDUE = 24;

/** The first follow-ups of each day of a span: one look into cases_follow_up_idx a day. */
async function firstOfEachDay(db: Db, from: string, until: string, aDay: number): Promise<FollowUpLine[]> {
	const { rows } = await db.execute<{ person_id: string }>(sql`
		select picked.person_id from generate_series(${from}::date, ${until}::date, interval '1 day') as day(day)
		cross join lateral (
			select person_id from cases where follow_up_on = day.day::date order by person_id limit ${aDay}) picked`);
	const ids = rows.map((row) => row.person_id);
	return ids.length === 0 ? [] : firstLines(db, inArray(cases.personId, ids), MOST_FOLLOW_UPS);
}

/**
 * Open follow-ups: those that are overdue, and those of a span, by day. Served by cases_follow_up_idx; the cost follows what is
 * shown.
 *
 * @param from first ISO date of the span; `until` is its last
 * @param aDay how many of a day are wanted; null for the first of the whole span
 */
export async function followUpsIn(
	db: Db,
	actor: Actor,
	{ from, until, today, aDay = null }: { from: string; until: string; today: string; aDay?: number | null }
): Promise<{ overdue: FollowUpLine[]; overdueTotal: number; lines: FollowUpLine[]; total: number }> {
	needCoordinator(actor);
	const inSpan = and(gte(cases.followUpOn, from < today ? today : from), lte(cases.followUpOn, until));
	const isOverdue = lt(cases.followUpOn, today);
	const [overdue, overdueTotal, lines, total] = await Promise.all([
		firstLines(db, isOverdue, MOST_OVERDUE),
		db.select({ n: count() }).from(cases).where(isOverdue),
		aDay === null
			? firstLines(db, inSpan, MOST_FOLLOW_UPS)
			: firstOfEachDay(db, from < today ? today : from, until, aDay),
		db.select({ n: count() }).from(cases).where(inSpan)
	]);
	return { overdue, overdueTotal: overdueTotal[0]?.n ?? 0, lines, total: total[0]?.n ?? 0 };
}

/** How many follow-ups fall on each day of a span; an index-only count. */
export async function loadOfDays(
	db: Db,
	actor: Actor,
	{ from, until }: { from: string; until: string }
): Promise<{ day: string; n: number }[]> {
	needCoordinator(actor);
	const rows = await db
		.select({ day: cases.followUpOn, n: count() })
		.from(cases)
		.where(and(isNotNull(cases.followUpOn), gte(cases.followUpOn, from), lte(cases.followUpOn, until)))
		.groupBy(cases.followUpOn)
		.orderBy(asc(cases.followUpOn));
	return rows.flatMap(({ day, n }) => (day ? [{ day, n }] : []));
}

/** The follow-ups of one person, the newest first: the chain of what was looked at and what came of it. */
export function chainOf(db: Db, personId: string) {
	return db
		.select({
			id: followUps.id,
			due: followUps.due,
			reason: followUps.reason,
			doneAt: followUps.doneAt,
			outcome: followUps.outcome
		})
		.from(followUps)
		.where(and(eq(followUps.personId, personId), isNotNull(followUps.doneAt)))
		.orderBy(desc(followUps.doneAt), sql`${followUps.id}`)
		.limit(50);
}
