import { and, eq, gt } from 'drizzle-orm';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { writeAuditLine } from './write-audit-line';

const { auditLines } = schema;

const HOUR_MS = 3_600_000;

/** Puts on record that somebody looked at a case, once an hour for each; by audit_lines_person_at_idx. */
export async function noteReading(
	db: Db,
	actor: Actor,
	readerId: string,
	personId: string,
	now: Date
): Promise<void> {
	const [known] = await db
		.select({ id: auditLines.id })
		.from(auditLines)
		.where(
			and(
				eq(auditLines.personId, personId),
				gt(auditLines.at, new Date(now.getTime() - HOUR_MS)),
				eq(auditLines.act, 'case-read'),
				eq(auditLines.actorId, readerId)
			)
		)
		.limit(1);
	if (!known) await writeAuditLine(db, actor, { at: now, act: 'case-read', personId });
}
