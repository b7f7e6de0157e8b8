import { and, eq, gte, isNull, sql } from 'drizzle-orm';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { writeAuditLine, type AuditAction } from './write-audit-line';

const { auditLines } = schema;

const HOUR_MS = 3_600_000;

/** What was opened: a person's case, a list, a calendar. */
export interface CaseRead {
	readonly act: Extract<AuditAction, 'case-read' | 'list-read' | 'feed-read'>;
	readonly personId?: string;
	readonly list?: string;
	/** When something was last reported: a look from before that doesn't count as one at it. */
	readonly reportedAt?: Date | null;
}

/** Logs that someone viewed something, once an hour for each thing and again once something new was reported; by audit_lines_person_at_idx or audit_lines_actor_idx. */
export async function recordRead(
	db: Db,
	actor: Actor & { kind: 'user' },
	{ act, personId, list, reportedAt = null }: CaseRead,
	now: Date
): Promise<void> {
	const from = Math.max(now.getTime() - HOUR_MS, reportedAt?.getTime() ?? 0);
	const [known] = await db
		.select({ id: auditLines.id })
		.from(auditLines)
		.where(
			and(
				personId === undefined ? isNull(auditLines.personId) : eq(auditLines.personId, personId),
				gte(auditLines.at, new Date(from)),
				eq(auditLines.act, act),
				eq(auditLines.actorId, actor.id),
				list === undefined ? undefined : sql`${auditLines.detail} ->> 'list' = ${list}`
			)
		)
		.limit(1);
	if (known) return;
	await writeAuditLine(db, actor, {
		at: now,
		act,
		...(personId === undefined ? {} : { personId }),
		...(list === undefined ? {} : { detail: { list } })
	});
}
