import { randomInt } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import { CODE_DIGITS, codeFrom } from '../../../core/questionnaire/walkthrough/code';
import { hasRunOut } from '../../../core/questionnaire/walkthrough/walkthrough';
import { WALKTHROUGH_STATIONS } from '../../../core/questionnaire/walkthrough/stations';
import type { OpenAssessment } from '../assessments/open-assessment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { requirePerson } from '../../people/lock-person';

const { walkthroughs } = schema;

/** A walkthrough as stored. */
export type WalkthroughRow = typeof walkthroughs.$inferSelect;

const STEPS = 10 ** CODE_DIGITS;

/** A code that nobody can foresee. */
export const newCode = (): string => codeFrom(randomInt(STEPS) / STEPS);

/** The open walkthrough of a person; null where there is none, or it has run out. One look-up by walkthroughs_open_key. */
export async function openWalkthroughOf(db: Db, personId: string, now: Date): Promise<WalkthroughRow | null> {
	const [row] = await db
		.select()
		.from(walkthroughs)
		.where(and(eq(walkthroughs.personId, personId), isNull(walkthroughs.endedAt)));
	return row && !hasRunOut(row.startedAt, now) ? row : null;
}

/**
 * The same, with the person locked until the end of the transaction, as every save of answers does first.
 * @throws DomainError where there is none
 */
export async function requireOpenWalkthrough(tx: Db, personId: string, now: Date): Promise<WalkthroughRow> {
	await requirePerson(tx, personId);
	const open = await openWalkthroughOf(tx, personId, now);
	if (!open) throw new DomainError('ended', 'walkthroughEnded');
	return open;
}

/**
 * Starts a walkthrough of a workstation; the one that is open already, if it is of the same. One that has run out, or was of another
 * workstation, ends.
 * @throws DomainError before consent
 */
export async function startWalkthrough(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	now: Date
): Promise<void> {
	if (!assessment.consentedAt) throw new DomainError('not-allowed', 'consentFirst');
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const [open] = await tx
			.select()
			.from(walkthroughs)
			.where(and(eq(walkthroughs.personId, actor.personId), isNull(walkthroughs.endedAt)));
		if (open && open.assessmentId === assessment.id && !hasRunOut(open.startedAt, now)) return;
		if (open) {
			const endedBy = hasRunOut(open.startedAt, now) ? 'time' : 'person';
			await tx.update(walkthroughs).set({ endedAt: now, endedBy }).where(eq(walkthroughs.id, open.id));
			await publishChange(tx, `walkthrough:${open.id}`);
		}
		await tx.insert(walkthroughs).values({
			personId: actor.personId,
			assessmentId: assessment.id,
			code: newCode(),
			startedAt: now,
			station: WALKTHROUGH_STATIONS[0]
		});
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-started', personId: actor.personId });
	});
}

/** A person's walkthroughs, newest first; served by walkthroughs_person_idx. */
export function walkthroughsOf(db: Db, personId: string, most: number): Promise<WalkthroughRow[]> {
	return db
		.select()
		.from(walkthroughs)
		.where(eq(walkthroughs.personId, personId))
		.orderBy(desc(walkthroughs.startedAt))
		.limit(most);
}
