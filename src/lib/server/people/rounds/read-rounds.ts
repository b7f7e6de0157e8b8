import { and, count, desc, eq, inArray, lt, sql } from 'drizzle-orm';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { roundNewsOf } from './round-news';
import {
	mayBeReminded,
	countRemindable,
	isBeingReminded,
	isAwaitingAnswer,
	reminderDaysNow
} from './remind-unanswered';

const { people, roundPeople, rounds } = schema;

type Round = typeof rounds.$inferSelect;

/** Adds how many people of each round are in each state. */
async function withProgress(db: Db, rows: readonly Round[]) {
	const counts = await db
		.select({ roundId: roundPeople.roundId, state: roundPeople.state, n: count() })
		.from(roundPeople)
		.where(
			inArray(
				roundPeople.roundId,
				rows.map(({ id }) => id)
			)
		)
		.groupBy(roundPeople.roundId, roundPeople.state);
	return rows.map((round) => ({
		...round,
		progress: Object.fromEntries(
			counts.filter(({ roundId }) => roundId === round.id).map(({ state, n }) => [state, n])
		) as Record<string, number>
	}));
}

/** Rounds, newest first. */
export async function listRounds(db: Db, actor: Actor) {
	requirePermission(actor, 'rounds:read');
	return withProgress(db, await db.select().from(rounds).orderBy(desc(rounds.createdAt)).limit(100));
}

/** One of {@link listRounds}. */
export async function readRoundWithProgress(db: Db, actor: Actor, id: string) {
	requirePermission(actor, 'rounds:read');
	const [round] = await withProgress(db, await db.select().from(rounds).where(eq(rounds.id, id)));
	if (!round) throw new DomainError('not-found', 'noRound');
	return round;
}

/** A round with its people who have not answered or could not be reached, and the rounds to compare it with. */
export async function readRound(db: Db, actor: Actor, id: string, now: Date) {
	requirePermission(actor, 'rounds:read');
	const [round] = await db.select().from(rounds).where(eq(rounds.id, id));
	if (!round) throw new DomainError('not-found', 'noRound');
	const reminderDays = await reminderDaysNow(db);
	const [news, nudgeable, silent, earlier] = await Promise.all([
		roundNewsOf(db, id, now),
		isAwaitingAnswer(round) && round.pausedAt === null ? countRemindable(db, id, now) : 0,
		db
			.select({
				personId: people.id,
				name: people.name,
				team: people.team,
				state: roundPeople.state,
				reminders: roundPeople.reminders,
				remindOn: roundPeople.remindOn,
				toCall: roundPeople.toCall,
				isBeingReminded: sql<boolean>`${isBeingReminded(now)}`,
				canBeNudged: sql<boolean>`${mayBeReminded(db, now, reminderDays.length)}`
			})
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.where(and(eq(roundPeople.roundId, id), inArray(roundPeople.state, ['sent', 'bounced'])))
			.orderBy(desc(roundPeople.toCall), roundPeople.state, sql`lower(${people.name})`)
			.limit(100),
		db
			.select({ id: rounds.id, name: rounds.name })
			.from(rounds)
			.where(lt(rounds.createdAt, round.createdAt))
			.orderBy(desc(rounds.createdAt))
			.limit(20)
	]);
	return { round, news, nudgeable, isOut: isAwaitingAnswer(round), silent, earlier, reminderDays };
}
