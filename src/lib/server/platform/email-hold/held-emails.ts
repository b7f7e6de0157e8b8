import { and, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { isoDay } from '../clock';
import { writeAuditLine } from '../audit/write-audit-line';
import { countUpTo, sumUpTo } from '../db/count-up-to';
import { schema, type Db } from '../db/client';
import type { HoldReason } from '../db/schema/columns';
import { POLICY_OUTCOMES } from '../db/schema/follow-ups';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { HELD_EMAIL_KINDS, type HeldEmailKind } from '../../../core/platform/sending';
import { queueJob } from '../jobs/queue-job';

const { followUps, plans } = schema;

export interface HeldEmails {
	readonly kind: HeldEmailKind;
	readonly why: HoldReason;
	/** Empty for people without a team. */
	readonly team: string;
	readonly people: number;
	/** How many of them would be sent today. */
	readonly dueToday: number;
}

/** What is held back, one row per email; people who have left are not emailed at all. */
const held = sql`(
	select f.person_id, p.team, f.kind::text as kind, f.hold_reason as why, f.due as day from follow_ups f
		join people p on p.id = f.person_id and p.left_at is null
		where f.hold_reason is not null and f.done_at is null
	union all
	select a.person_id, p.team, 'plan-reminder', pl.hold_reason, pl.remind_on from plans pl
		join assessments a on a.id = pl.assessment_id join people p on p.id = a.person_id and p.left_at is null
		where pl.hold_reason is not null and pl.ended_at is null) held`;

/**
 * What an update or an import made due and nobody has released yet, by kind, cause and team. Cost: along follow_ups_held_idx and
 * plans_held_idx, proportional to what is held.
 * @param today civil date of the organisation
 */
export async function heldEmails(db: Db, actor: Actor, today: string): Promise<HeldEmails[]> {
	requirePermission(actor, 'emails:release');
	const { rows } = await db.execute<HeldEmails & Record<string, unknown>>(sql`
		select kind, why, team, count(*)::int as people, (count(*) filter (where day <= ${today}::date))::int as "dueToday"
		from ${held} group by kind, why, team order by why desc, kind, team`);
	return rows;
}

/**
 * The number of held-back emails as part of a statement, counted to `MOST_COUNTED`: by follow_ups_held_idx and plans_held_idx alone. New
 * settings hold back thousands, and looking up each one's person takes longer than the rest of the day sheet; leaving ends what is held.
 */
export const heldCounted = sumUpTo(
	countUpTo(followUps, and(isNotNull(followUps.holdReason), isNull(followUps.doneAt))),
	countUpTo(plans, and(isNotNull(plans.holdReason), isNull(plans.endedAt)))
);

export async function countHeld(db: Db): Promise<number> {
	const { rows } = await db.execute<{ n: number }>(sql`select ${heldCounted} as n`);
	return rows[0]?.n ?? 0;
}

export interface HeldDecision {
	/** One of {@link HELD_EMAIL_KINDS}. */
	readonly kind: string;
	/** Null for all. */
	readonly team?: string | null;
	/** The number shown; refused where it has changed, so that nobody decides about more than they saw. */
	readonly expected: number;
}

/** What a decision writes: on a follow-up `f`, and on a plan `pl`. */
interface HeldWrite {
	readonly act: 'emails-released' | 'emails-cancelled';
	readonly followUp: SQL;
	readonly plan: SQL;
}

async function decide(
	db: Db,
	actor: Actor,
	{ kind, team = null, expected }: HeldDecision,
	{ act, followUp, plan }: HeldWrite,
	now: Date
): Promise<number> {
	requirePermission(actor, 'emails:release');
	const wanted = HELD_EMAIL_KINDS.find((one) => one === kind);
	if (!wanted) throw new DomainError('invalid', 'unknownChoice', '/kind');
	const ofTeam = team === null ? sql`` : sql`and p.team = ${team}`;
	return inTransaction(db, async (tx) => {
		const { rows } = await tx.execute<{ person_id: string; day: string | null }>(
			wanted === 'plan-reminder'
				? sql`update plans pl set ${plan} from assessments a join people p on p.id = a.person_id and p.left_at is null
					where a.id = pl.assessment_id and pl.hold_reason is not null and pl.ended_at is null ${ofTeam}
					returning a.person_id, pl.remind_on::text as day`
				: sql`update follow_ups f set ${followUp} from people p where p.id = f.person_id and p.left_at is null
					and f.hold_reason is not null and f.done_at is null and f.kind = ${wanted} ${ofTeam}
					returning f.person_id, case when f.done_at is null then f.due::text end as day`
		);
		if (rows.length !== expected)
			throw new DomainError('conflict', { code: 'otherCountToRelease', facts: { n: rows.length, expected } });
		// The day from which cases are processed: an earlier day for something else stays. After a cancelled email there may be a next one.
		await tx.execute(sql`update cases c set mail_on = least(c.mail_on, x.day),
			reassess_on = case when x.day is null then least(c.reassess_on, ${isoDay(now, 'UTC')}::date) else c.reassess_on end
			from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb) as x(person_id uuid, day date) where c.person_id = x.person_id`);
		await writeAuditLine(tx, actor, { at: now, act, detail: { kind: wanted, people: rows.length } });
		await queueJob(tx, 'due-cases');
		return rows.length;
	});
}

/**
 * Releases held emails of one kind, for one team or all: each is sent on its day, overdue ones from now on, as many a day as the limit
 * allows.
 * @returns how many were released
 */
export const releaseHeld = async (
	db: Db,
	actor: Actor,
	decision: HeldDecision,
	now: Date
): Promise<number> => {
	const free = sql`hold_reason = null, held_before = null`;
	return decide(db, actor, decision, { act: 'emails-released', followUp: free, plan: free }, now);
};

/**
 * Cancels held emails of one kind, for one team or all. What people would have got anyway is sent on the original day; for the rest, the
 * policy's next one follows: the check-in after it, the next self-assessment after they have answered again, and no reminder of this plan.
 * @returns how many were cancelled
 */
export const cancelHeld = async (
	db: Db,
	actor: Actor,
	decision: HeldDecision,
	now: Date
): Promise<number> => {
	const at = now.toISOString();
	const followUp = sql`hold_reason = null, due = coalesce(held_before, due), held_before = null, version = f.version + 1,
		done_at = case when held_before is null then ${at}::timestamptz end,
		outcome = case when held_before is null then ${POLICY_OUTCOMES.cancelled} else outcome end`;
	const plan = sql`hold_reason = null, cancelled_day = remind_on, remind_on = held_before, held_before = null`;
	return decide(db, actor, decision, { act: 'emails-cancelled', followUp, plan }, now);
};
