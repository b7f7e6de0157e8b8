import { and, asc, count, eq, inArray, isNotNull, isNull, lte, ne, sql, type SQL } from 'drizzle-orm';
import { LEVELS } from '../../core/triage';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { countUnjudged } from '../judgements/first-judging';

const { cases, deskActs, followUps, judgements, messages, people, users } = schema;

/** Most lines that the sheet shows; how many more there are is shown. */
export const MOST_LINES = 100;

/** A case by which the order of the day is made. */
type Picked = Pick<
	typeof cases.$inferSelect,
	'personId' | 'level' | 'openSince' | 'actBy' | 'openW' | 'followUpOn'
>;

/** The first cases of a condition in an order, as far as the order of the day needs them: nothing is joined before it is shown. */
function firstOf(db: Db, condition: SQL | undefined, ...order: SQL[]): Promise<Picked[]> {
	return db
		.select({
			personId: cases.personId,
			level: cases.level,
			openSince: cases.openSince,
			actBy: cases.actBy,
			openW: cases.openW,
			followUpOn: cases.followUpOn
		})
		.from(cases)
		.where(condition)
		.orderBy(...order)
		.limit(MOST_LINES);
}

/** The lines of these people, with all that the sheet shows of each; by keys. */
function readLines(db: Db, personIds: readonly string[]) {
	return db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			phone: people.phone,
			level: cases.level,
			/** The newest judgement: reasons, marks first and now, scores. */
			judgement: judgements.document,
			openSince: cases.openSince,
			actBy: cases.actBy,
			openW: cases.openW,
			followUpOn: cases.followUpOn,
			answeredAt: cases.answeredAt,
			referredTo: cases.referredTo,
			version: cases.version,
			/** Who looks at it just now, by name. */
			referredName: users.name,
			followUpReason: followUps.reason,
			followUpVersion: followUps.version,
			/** The newest message that nobody has answered, whole. */
			message: sql<
				string | null
			>`(select text from ${messages} m where m.person_id = ${people.id} and m.from_person and m.answered_at is null order by m.at desc limit 1)`,
			/** What was last done on the desk, and when. */
			lastAct: sql<{ kind: string; at: string; by: string } | null>`(
				select jsonb_build_object('kind', a.kind, 'at', a.at, 'by', u.name) from ${deskActs} a join ${users} u on u.id = a.user_id
				where a.person_id = ${people.id} and a.undone_at is null order by a.at desc limit 1)`
		})
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.leftJoin(judgements, eq(judgements.id, cases.judgementId))
		.leftJoin(users, eq(users.id, cases.referredTo))
		.leftJoin(
			followUps,
			and(eq(followUps.personId, cases.personId), eq(followUps.kind, 'look'), isNull(followUps.doneAt))
		)
		.where(inArray(cases.personId, [...personIds]));
}

/** The lines that are shown, of those that were picked, in the order of the day. */
async function shownLines(db: Db, picked: readonly Picked[]): Promise<SheetLine[]> {
	const shown = [...picked].sort(bySheetOrder).slice(0, MOST_LINES);
	if (shown.length === 0) return [];
	const lines = await readLines(
		db,
		shown.map(({ personId }) => personId)
	);
	return lines.sort(bySheetOrder);
}

/** One person who needs somebody today. */
export type SheetLine = Awaited<ReturnType<typeof readLines>>[number];

/** Place of a due follow-up of a settled case: after what waits for help, before what a home can do by itself. Ours. */
const LOOK_AGAIN_RANK = LEVELS.indexOf('help') + 0.5;

const rankOf = (line: Picked) => (line.openSince ? LEVELS.indexOf(line.level) : LOOK_AGAIN_RANK);

/** The order of the day: level, then the day it is due by, then how much is open. Case ids decide the rest. */
export function bySheetOrder(a: Picked, b: Picked): number {
	const day = (line: Picked) =>
		[line.openSince ? line.actBy : null, line.followUpOn].filter((d) => d !== null).sort()[0] ?? '9999';
	return (
		rankOf(a) - rankOf(b) ||
		(day(a) < day(b) ? -1 : day(a) > day(b) ? 1 : 0) ||
		b.openW - a.openW ||
		(a.personId < b.personId ? -1 : 1)
	);
}

/**
 * Who needs the coordinator today: everyone with something open, and follow-ups that are due, in one order. A clinician
 * sees those who are referred to them.
 *
 * Cost: the first lines of two partial indexes that hold open lines only (cases_open_idx, cases_follow_up_idx), two counts over them,
 * and the judgements of the lines that are shown: it follows what is open and not the workforce.
 *
 * @param today ISO date in the coordinator's time zone
 */
export async function readDaySheet(db: Db, actor: Actor, today: string) {
	if (actor.kind !== 'user' || actor.role === 'reader')
		throw new Fault('not-allowed', 'The day sheet is for coordinators and clinicians.');
	if (actor.role === 'clinician') {
		const referred = await firstOf(db, eq(cases.referredTo, actor.id), asc(cases.level), asc(cases.personId));
		return {
			lines: await shownLines(db, referred),
			total: referred.length,
			toAcknowledge: 0,
			waiting: 0,
			unjudged: 0
		};
	}
	const isDue = lte(cases.followUpOn, today);
	const [open, due, openTotal, dueTotal, toAcknowledge, waiting, unjudged] = await Promise.all([
		firstOf(
			db,
			isNotNull(cases.openSince),
			asc(cases.level),
			asc(cases.actBy),
			sql`${cases.openW} desc nulls last`,
			asc(cases.personId)
		),
		firstOf(db, and(isDue, isNull(cases.openSince)), asc(cases.followUpOn), asc(cases.personId)),
		db.$count(cases, and(isNotNull(cases.openSince), ne(cases.level, 'settled'))),
		db.$count(cases, and(isDue, isNull(cases.openSince))),
		// Nothing is open there but that nobody has looked at the answers yet.
		db.$count(cases, and(isNotNull(cases.openSince), eq(cases.level, 'settled'))),
		db.$count(cases, and(isNotNull(cases.sentAt), isNull(cases.answeredAt), isNull(cases.revokedAt))),
		countUnjudged(db)
	]);
	return {
		lines: await shownLines(db, [...open, ...due]),
		total: openTotal + dueTotal,
		toAcknowledge,
		unjudged,
		waiting
	};
}

/** Counts for who may see no person: what is open by level, and what is answered. */
export async function readTotals(db: Db, actor: Actor) {
	if (actor.kind !== 'user') throw new Fault('not-allowed', 'Sign in first.');
	const levels = await db
		.select({ level: cases.level, n: count() })
		.from(cases)
		.where(isNotNull(cases.openSince))
		.groupBy(cases.level)
		.orderBy(cases.level);
	const [all] = await db
		.select({
			people: count(),
			answered: count(cases.answeredAt),
			sent: count(cases.sentAt)
		})
		.from(cases);
	return { levels, people: all?.people ?? 0, answered: all?.answered ?? 0, sent: all?.sent ?? 0 };
}
