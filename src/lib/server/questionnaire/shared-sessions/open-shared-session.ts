import { randomInt } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { CODE_DIGITS, codeFrom } from '../../../core/questionnaire/shared-session/code';
import { hasRunOut } from '../../../core/questionnaire/shared-session/shared-session';
import { SHARED_SESSION_STATIONS } from '../../../core/questionnaire/shared-session/stations';
import type { OpenAssessment } from '../assessments/open-assessment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { requirePerson } from '../../people/lock-person';

const { sharedSessions } = schema;

/** A shared session as stored. */
export type SharedSessionRow = typeof sharedSessions.$inferSelect;

const STEPS = 10 ** CODE_DIGITS;

/** A code that nobody can foresee. */
export const newCode = (): string => codeFrom(randomInt(STEPS) / STEPS);

/** The open shared session of a person; null where there is none, or it has run out. One look-up by shared_sessions_open_key. */
export async function openSharedSessionOf(
	db: Db,
	personId: string,
	now: Date
): Promise<SharedSessionRow | null> {
	const [row] = await db
		.select()
		.from(sharedSessions)
		.where(and(eq(sharedSessions.personId, personId), isNull(sharedSessions.endedAt)));
	return row && !hasRunOut(row.startedAt, now) ? row : null;
}

/**
 * The same, with the person locked until the end of the transaction, as every save of answers does first.
 * @throws DomainError where there is none
 */
export async function requireOpenSharedSession(
	tx: Db,
	personId: string,
	now: Date
): Promise<SharedSessionRow> {
	await requirePerson(tx, personId);
	const open = await openSharedSessionOf(tx, personId, now);
	if (!open) throw new DomainError('ended', 'sharedSessionEnded');
	return open;
}

/**
 * Starts a shared session of a workstation; the one that is open already, if it is of the same. One that has run out, or was of another
 * workstation, ends.
 * @throws DomainError before consent
 */
export async function startSharedSession(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	now: Date
): Promise<void> {
	if (!assessment.consentedAt) throw new DomainError('not-allowed', 'consentFirst');
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const [open] = await tx
			.select()
			.from(sharedSessions)
			.where(and(eq(sharedSessions.personId, actor.personId), isNull(sharedSessions.endedAt)));
		if (open && open.assessmentId === assessment.id && !hasRunOut(open.startedAt, now)) return;
		if (open) {
			const endedBy = hasRunOut(open.startedAt, now) ? 'time' : 'person';
			await tx.update(sharedSessions).set({ endedAt: now, endedBy }).where(eq(sharedSessions.id, open.id));
			await publishChange(tx, `sharedSession:${open.id}`);
		}
		await tx.insert(sharedSessions).values({
			personId: actor.personId,
			assessmentId: assessment.id,
			code: newCode(),
			startedAt: now,
			station: SHARED_SESSION_STATIONS[0]
		});
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-started', personId: actor.personId });
	});
}

/** A person's shared sessions, newest first; served by shared_sessions_person_idx. */
export function sharedSessionsOf(db: Db, personId: string, most: number): Promise<SharedSessionRow[]> {
	return db
		.select()
		.from(sharedSessions)
		.where(eq(sharedSessions.personId, personId))
		.orderBy(desc(sharedSessions.startedAt))
		.limit(most);
}
