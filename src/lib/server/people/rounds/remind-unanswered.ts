import { and, count, eq, exists, gt, isNull, lt, not, sql, type SQL } from 'drizzle-orm';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { addIsoDays, isoDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { readRules } from '../../platform/rules/read-rules';
import { queueJob } from '../../platform/jobs/queue-job';

const { emails, people, roundPeople, rounds } = schema;

/** Whether a round accepts answers and sends reminders. */
export function isAwaitingAnswer({ state }: Pick<typeof rounds.$inferSelect, 'state'>): boolean {
	return state === 'open' || state === 'sending';
}

/** People who got an email of the round within this time are left alone, ms. Our assumption. */
const REST_MS = 24 * 3_600_000;

/**
 * People about to be reminded: their day has begun everywhere, and the queue writes within the minute. Includes those just reminded by
 * hand.
 */
export function isBeingReminded(now: Date): SQL {
	return sql`coalesce(${roundPeople.remindOn} < ${isoDay(now, 'UTC')}::date, false)`;
}

/**
 * People who may be reminded before the policy's day: still here, no answer yet, with a reminder left that is not being written, and
 * without an email of this round in the last day. After the last reminder a person is called instead. Emails are looked up by
 * emails_person_idx.
 * @param most how many reminders the policy has
 */
export function mayBeReminded(db: Db, now: Date, most: number): SQL | undefined {
	const lately = db
		.select({ one: sql`1` })
		.from(emails)
		.where(
			and(
				eq(emails.personId, roundPeople.personId),
				eq(emails.roundId, roundPeople.roundId),
				gt(emails.writtenAt, new Date(now.getTime() - REST_MS))
			)
		);
	const isHere = db
		.select({ one: sql`1` })
		.from(people)
		.where(and(eq(people.id, roundPeople.personId), isNull(people.leftAt)));
	return and(
		eq(roundPeople.state, 'sent'),
		not(isBeingReminded(now)),
		exists(isHere),
		lt(roundPeople.reminders, most),
		not(exists(lately))
	);
}

/** Working days after an invitation at which the policy in force reminds. */
export const reminderDaysNow = async (db: Db): Promise<readonly number[]> =>
	(await readRules(db)).rules.policy.reminderWorkingDays;

/** How many people of a round may be reminded now: one pass over those who have not answered. */
export async function countRemindable(db: Db, id: string, now: Date): Promise<number> {
	const [row] = await db
		.select({ n: count() })
		.from(roundPeople)
		.where(and(eq(roundPeople.roundId, id), mayBeReminded(db, now, (await reminderDaysNow(db)).length)));
	return row?.n ?? 0;
}

/**
 * Reminds people who have not answered now instead of on the policy's next day: the same email, counted as the same reminder. The queue
 * writes the emails (`send-due-reminders.ts`).
 * @param personId one of them, or null for all
 * @param expected the number shown; refused where it has changed, so that nobody writes to more people than they saw
 */
export async function remindUnanswered(
	db: Db,
	actor: Actor,
	{ id, personId, expected }: { id: string; personId: string | null; expected: number },
	now: Date
): Promise<number> {
	requirePermission(actor, 'rounds:run');
	return inTransaction(db, async (tx) => {
		const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('update');
		if (!round) throw new DomainError('not-found', 'noRound');
		if (!isAwaitingAnswer(round)) throw new DomainError('conflict', 'remindOnlyOut');
		if (round.pausedAt !== null) throw new DomainError('conflict', 'roundIsPaused');
		const most = (await reminderDaysNow(tx)).length;
		const nudged = await tx
			.update(roundPeople)
			// A day that has begun everywhere.
			.set({ remindOn: addIsoDays(isoDay(now, 'UTC'), -1) })
			.where(
				and(
					eq(roundPeople.roundId, id),
					personId ? eq(roundPeople.personId, personId) : undefined,
					mayBeReminded(tx, now, most)
				)
			)
			.returning({ personId: roundPeople.personId });
		if (nudged.length !== expected)
			throw new DomainError('conflict', {
				code: 'otherCountToRemind',
				facts: { n: nudged.length, expected }
			});
		await writeAuditLine(tx, actor, { at: now, act: 'nudged', detail: { round: id, people: nudged.length } });
		await publishChange(tx, `round:${id}`);
		await queueJob(tx, 'reminders');
		return nudged.length;
	});
}
