import { and, asc, count, desc, eq, gte, isNotNull, isNull, lt, lte, sql, type SQL } from 'drizzle-orm';
import { isWorkingDay, type WorkCalendar } from '../../../core/platform/calendar/working-days';
import { acceptedDay } from '../../../core/platform/calendar/civil-date';
import type { DaysOffSettings } from '../../../core/platform/organisation-settings/days-off';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { countUpTo } from '../../platform/db/count-up-to';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';
import { readSettings } from '../../platform/organisation-settings/read-settings';
import { workCalendarWith } from '../../people/person-place';

const { cases, followUps, people } = schema;

/** Most follow-ups in a list. */
const MOST_FOLLOW_UPS = 300;

/**
 * The first open follow-ups of a condition, by day. Selected from follow_ups_due_idx before any join: what is read follows what is shown.
 */
function firstLines(db: Db, condition: SQL | undefined, limit: number) {
	const picked = db
		.select()
		.from(followUps)
		.where(and(isNull(followUps.doneAt), condition))
		.orderBy(asc(followUps.due), asc(followUps.personId))
		.limit(limit)
		.as('picked');
	return db
		.select({
			id: picked.id,
			personId: people.id,
			name: people.name,
			team: people.team,
			country: people.country,
			region: people.region,
			kind: picked.kind,
			due: picked.due,
			reason: picked.reason,
			version: picked.version,
			level: cases.level
		})
		.from(picked)
		.innerJoin(people, eq(people.id, picked.personId))
		.innerJoin(cases, eq(cases.personId, picked.personId))
		.orderBy(asc(picked.due), asc(picked.personId));
}

type FirstLine = Awaited<ReturnType<typeof firstLines>>[number];

/** An open follow-up; its day may be a weekend or a public holiday where the person lives. */
export type FollowUpLine = FirstLine & { readonly isFree: boolean };

/** Marks days off at each person's place. */
function marked(lines: readonly FirstLine[], daysOff: DaysOffSettings): FollowUpLine[] {
	const calendars = new Map<string, WorkCalendar>();
	return lines.map((line) => {
		const key = `${line.country} ${line.region}`;
		const calendar =
			calendars.get(key) ??
			workCalendarWith({ country: line.country || null, region: line.region || null }, daysOff);
		calendars.set(key, calendar);
		const day = acceptedDay(line.due);
		return { ...line, isFree: day !== null && !isWorkingDay(day, calendar) };
	});
}

/** Follow-ups shown per calendar day; the number of further ones is shown. */
export const MAX_SHOWN_PER_DAY = { month: 4, week: 16 } as const;

/** Most overdue follow-ups shown; the rest is on the day sheet. */
const MOST_OVERDUE = 24;

/**
 * The first follow-ups of each day of a span: those that someone set before automatic ones. One look-up in follow_ups_look_idx and one in
 * follow_ups_due_idx per day.
 */
async function firstOfEachDay(db: Db, from: string, until: string, aDay: number): Promise<FirstLine[]> {
	const { rows } = await db.execute<{ id: string }>(sql`
		select picked.id from generate_series(${from}::date, ${until}::date, interval '1 day') as day(day)
		cross join lateral (
			select id from (
				(select id, 0 as rank, person_id from follow_ups
					where done_at is null and kind = 'look' and due = day.day::date order by person_id limit ${aDay})
				union all
				(select id, 1, person_id from follow_ups
					where done_at is null and kind <> 'look' and due = day.day::date order by person_id limit ${aDay})
			) both_kinds order by rank, person_id limit ${aDay}) picked`);
	const ids = rows.map((row) => row.id);
	const lines = ids.length === 0 ? [] : await firstLines(db, isAnyOf(followUps.id, ids), MOST_FOLLOW_UPS);
	const rank = ({ kind }: FirstLine) => Number(kind !== 'look');
	return lines.sort((a, b) => (a.due === b.due ? rank(a) - rank(b) : a.due < b.due ? -1 : 1));
}

/**
 * Open follow-ups: overdue ones, and those of a span, by day. Served by follow_ups_due_idx; the cost follows what is shown.
 * @param from first ISO date of the span; `until` is its last
 * @param aDay how many per day; null for the first of the whole span
 */
export async function followUpsBetween(
	db: Db,
	actor: Actor,
	{ from, until, today, aDay = null }: { from: string; until: string; today: string; aDay?: number | null }
): Promise<{ overdue: FollowUpLine[]; overdueTotal: number; lines: FollowUpLine[] }> {
	requirePermission(actor, 'follow-ups:read');
	const inSpan = and(
		isNull(followUps.doneAt),
		gte(followUps.due, from < today ? today : from),
		lte(followUps.due, until)
	);
	// Automatic ones are emailed on their day: only a follow-up that someone set can be overdue.
	const isOverdue = and(isNull(followUps.doneAt), eq(followUps.kind, 'look'), lt(followUps.due, today));
	const [overdue, [counted], lines, { settings: daysOff }] = await Promise.all([
		firstLines(db, isOverdue, MOST_OVERDUE),
		db.select({ overdue: countUpTo(followUps, isOverdue) }).from(sql`(select) as one_row`),
		aDay === null
			? firstLines(db, inSpan, MOST_FOLLOW_UPS)
			: firstOfEachDay(db, from < today ? today : from, until, aDay),
		readSettings(db, 'days-off')
	]);
	return {
		overdue: marked(overdue, daysOff),
		overdueTotal: counted?.overdue ?? 0,
		lines: marked(lines, daysOff)
	};
}

/** The number of follow-ups on each day of a span; an index-only count. */
export async function followUpsPerDay(
	db: Db,
	actor: Actor,
	{ from, until }: { from: string; until: string }
): Promise<{ day: string; n: number }[]> {
	requirePermission(actor, 'follow-ups:read');
	const rows = await db
		.select({ day: followUps.due, n: count() })
		.from(followUps)
		.where(and(isNull(followUps.doneAt), gte(followUps.due, from), lte(followUps.due, until)))
		.groupBy(followUps.due)
		.orderBy(asc(followUps.due));
	return rows;
}

/** A person's follow-ups, newest first, with what came of each. */
export function followUpHistory(db: Db, personId: string) {
	return db
		.select({
			id: followUps.id,
			due: followUps.due,
			reason: followUps.reason,
			doneAt: followUps.doneAt,
			outcome: followUps.outcome
		})
		.from(followUps)
		.where(and(eq(followUps.personId, personId), eq(followUps.kind, 'look'), isNotNull(followUps.doneAt)))
		.orderBy(desc(followUps.doneAt), sql`${followUps.id}`)
		.limit(50);
}
