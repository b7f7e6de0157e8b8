import { sql } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import type { Db } from '../db/client';
import type { HeldWhy } from '../db/schema/columns';
import { inTransaction } from '../db/transaction';
import { Fault } from '../fault';
import { HELD_KINDS, type HeldKind } from '../../core/sending';

/** Emails of one kind that one cause made due, held back. */
export interface HeldEmails {
	readonly kind: HeldKind;
	readonly why: HeldWhy;
	/** Empty for people without one. */
	readonly team: string;
	readonly people: number;
	/** How many of them would go out today. */
	readonly dueToday: number;
}

/** What is held back, one row an email: people who have left are written to by nobody. */
const held = sql`(
	select f.person_id, p.team, f.kind::text as kind, f.held_why as why, f.due as day from follow_ups f
		join people p on p.id = f.person_id and p.left_at is null
		where f.held_why is not null and f.done_at is null
	union all
	select a.person_id, p.team, 'plan-reminder', pl.held_why, pl.remind_on from plans pl
		join assessments a on a.id = pl.assessment_id join people p on p.id = a.person_id and p.left_at is null
		where pl.held_why is not null and pl.ended_at is null) held`;

/**
 * What an update or an import has made due and nobody has released yet, by kind, cause and team.
 *
 * Cost: along follow_ups_held_idx and plans_held_idx, in proportion to what is held.
 *
 * @param today civil date of the organisation
 */
export async function heldEmails(db: Db, actor: Actor, today: string): Promise<HeldEmails[]> {
	requirePermission(actor, 'emails:release');
	const { rows } = await db.execute<HeldEmails & Record<string, unknown>>(sql`
		select kind, why, team, count(*)::int as people, (count(*) filter (where day <= ${today}::date))::int as "dueToday"
		from ${held} group by kind, why, team order by why desc, kind, team`);
	return rows;
}

/** How many emails are held back: for a page that has room for one number. */
export async function countHeld(db: Db): Promise<number> {
	const { rows } = await db.execute<{ n: number }>(sql`select count(*)::int as n from ${held}`);
	return rows[0]?.n ?? 0;
}

/**
 * Releases what is held back of one kind, of one team or of all: each goes out on its day, what is due already from now on, as many a day as the limit lets through.
 *
 * @param team null for all
 * @param expected how many were shown; refused where there are others now, so that nobody releases more than they saw
 * @returns how many were released
 */
export async function releaseHeld(
	db: Db,
	actor: Actor,
	{ kind, team = null, expected }: { kind: string; team?: string | null; expected: number },
	now: Date
): Promise<number> {
	requirePermission(actor, 'emails:release');
	const wanted = HELD_KINDS.find((one) => one === kind);
	if (!wanted) throw new Fault('invalid', 'unknownChoice', '/kind');
	const ofTeam = team === null ? sql`` : sql`and p.team = ${team}`;
	return inTransaction(db, async (tx) => {
		const { rows } = await tx.execute<{ person_id: string; day: string }>(
			wanted === 'plan-reminder'
				? sql`update plans pl set held_why = null from assessments a join people p on p.id = a.person_id and p.left_at is null
					where a.id = pl.assessment_id and pl.held_why is not null and pl.ended_at is null ${ofTeam}
					returning a.person_id, pl.remind_on::text as day`
				: sql`update follow_ups f set held_why = null from people p where p.id = f.person_id and p.left_at is null
					and f.held_why is not null and f.done_at is null and f.kind = ${wanted} ${ofTeam}
					returning f.person_id, f.due::text as day`
		);
		if (rows.length !== expected)
			throw new Fault('conflict', { code: 'otherCountToRelease', facts: { n: rows.length, expected } });
		// The day from which they are looked at: what else is due on an earlier one stays.
		await tx.execute(sql`update cases c set mail_on = least(c.mail_on, x.day)
			from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb) as x(person_id uuid, day date) where c.person_id = x.person_id`);
		const detail = { kind: wanted, people: rows.length };
		await writeAuditLine(tx, actor, { at: now, act: 'emails-released', detail });
		return rows.length;
	});
}
