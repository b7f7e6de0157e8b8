import { eq, sql } from 'drizzle-orm';
import { CLOSABLE } from '../../../core/cases/case-assessment/vocabulary';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isAbout } from '../../platform/audit/is-about';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { newestAssessmentResult } from '../../cases/case-assessments/newest-assessment-result';
import { requirePerson } from '../lock-person';
import { countRows, ownRows } from './own-rows';
import { queueJob } from '../../platform/jobs/queue-job';

const { auditLines, directory, people, savedFilters } = schema;

/** Why someone is erased. */
export const ERASURE_REASONS = ['asked', 'retention', 'mistake'] as const;

/** Why someone was erased: chosen by a person or the policy, or erased before and brought back by a backup. */
type ErasedWhy = (typeof ERASURE_REASONS)[number] | 'restore';

/** Whether a warning sign or complaint awaits an outcome: nobody is erased or merged while one does. */
export async function isOutcomeAwaited(db: Db, personId: string): Promise<boolean> {
	const open = (await newestAssessmentResult(db, personId))?.reasons ?? [];
	return open.some(({ sign, code }) => sign !== undefined || CLOSABLE.some((one) => one === code));
}

/** What would be erased, and what would stay. */
export async function previewErasure(db: Db, actor: Actor, personId: string) {
	requirePermission(actor, 'people:erase');
	const [person] = await db
		.select({ id: people.id, name: people.name, email: people.email })
		.from(people)
		.where(eq(people.id, personId));
	if (!person) throw new DomainError('not-found', 'noPerson');
	return {
		person,
		goes: await countRows(db, personId),
		recordLines: await db.$count(auditLines, isAbout(personId)),
		isWaitedFor: await isOutcomeAwaited(db, personId)
	};
}

/**
 * Erases one person: everything known about them, and saved filters that contain their name. What stays is the audit log, under a number
 * that no longer leads to anyone, and totals in reports already made. Can't be undone.
 * @throws DomainError `conflict` where a warning sign awaits an outcome
 */
export async function erasePerson(
	db: Db,
	actor: Actor,
	input: { readonly personId: string; readonly why: ErasedWhy },
	now: Date
): Promise<void> {
	// The retention job acts for nobody.
	if (actor.kind !== 'system') requirePermission(actor, 'people:erase');
	const { personId, why } = input;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		// Someone erased before had no outcome to wait for, or has had it since the backup.
		if (why !== 'restore' && (await isOutcomeAwaited(tx, personId)))
			throw new DomainError('conflict', 'outcomeBeforeErasing');
		// A saved filter may contain a name or an address.
		const kept = sql`lower(replace(${savedFilters.query}, '+', '%20') || ' ' || ${savedFilters.name})`;
		for (const text of [person.name, person.email].map((one) => one.toLowerCase()))
			for (const form of [text, encodeURIComponent(text).toLowerCase()])
				await tx.delete(savedFilters).where(sql`strpos(${kept}, ${form}) > 0`);
		// The directory's list has them, too: it is read again.
		await tx.update(directory).set({ roster: null, comparison: null });
		await tx.delete(people).where(eq(people.id, personId));
		await writeAuditLine(tx, actor, { at: now, act: 'person-erased', personId, detail: { why } });
		// The file of erasures is written once the line is sealed.
		await queueJob(tx, 'audit-log');
	});
}

/**
 * Everything known about a person: to view, or as a file for them; the audit log says which.
 * @throws DomainError `not-found` where there is no such person
 */
export async function readPersonData(
	db: Db,
	actor: Actor,
	{ personId, as }: { readonly personId: string; readonly as: 'viewed' | 'exported' },
	now: Date
) {
	requirePermission(actor, 'people:erase');
	const rows = await ownRows(db, personId);
	if (!rows) throw new DomainError('not-found', 'noPerson');
	await writeAuditLine(db, actor, { at: now, act: `person-data-${as}`, personId });
	return { format: 'easy-corner.everything/1', at: now, ...rows };
}
