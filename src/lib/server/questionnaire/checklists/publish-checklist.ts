import { and, count, desc, eq, isNull } from 'drizzle-orm';
import { isOwnId } from '../../../core/questionnaire/checklist/own-ids';
import {
	ownChecklistNumber,
	ownChecklistVersion,
	type ChecklistDocument
} from '../../../core/questionnaire/checklist/own-checklist';
import { ownWordsIn } from '../../../core/questionnaire/checklist/own-parts';
import { checklistChanges } from '../../../core/questionnaire/checklist-editor/checklist-changes';
import { checklistFaults } from '../../../core/questionnaire/checklist-editor/checklist-faults';
import { unchangedChecklist } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { deskLocale } from '../../../messages/desk-language';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { languagesOfPeople } from '../../people/languages-of-people';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { readEditedChecklist } from './checklist-draft';
import { newestOwnChecklist } from './read-checklists';

const { assessments, checklistDrafts, checklists, users } = schema;

/** Links that are out and unanswered: they keep the questions they were sent with. Cost: one pass over the unanswered. */
async function openLinks(db: Db): Promise<number> {
	const [row] = await db
		.select({ n: count() })
		.from(assessments)
		.where(and(isNull(assessments.answeredAt), isNull(assessments.revokedAt), isNull(assessments.placeOf)));
	return row?.n ?? 0;
}

/** Every published version with what it changed, who published it and why, newest first; and what they have added is called. Organisations publish a few a year. */
async function versionsOf(db: Db) {
	const rows = await db
		.select({
			version: checklists.version,
			document: checklists.document,
			note: checklists.note,
			at: checklists.publishedAt,
			by: users.name
		})
		.from(checklists)
		.leftJoin(users, eq(users.id, checklists.publishedBy))
		.orderBy(desc(checklists.version));
	return {
		versions: rows.map(({ version, document, ...row }, i) => ({
			...row,
			version: ownChecklistNumber(version) ?? 0,
			changes: checklistChanges(rows[i + 1]?.document ?? unchangedChecklist(document.basedOn), document)
		})),
		// The newest words of each come last.
		names: addedNames(rows.map(({ document }) => document).reverse())
	};
}

/** The checklist being edited, what keeps it from being published, and every version so far. */
export async function checklistPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const { document, seen, asked, askedVersion, changed } = await readEditedChecklist(db);
	const languages = await languagesOfPeople(db);
	return {
		document,
		seen,
		asked,
		/** Its number as people read it; 0 for the software's own. */
		version: ownChecklistNumber(askedVersion) ?? 0,
		changed,
		changes: checklistChanges(asked, document),
		faults: checklistFaults(document, languages),
		languages,
		openLinks: await openLinks(db),
		...(await versionsOf(db))
	};
}

/** What questions and problems that any version has added are called, in the reader's language: also those that are no longer asked. */
function addedNames(documents: readonly ChecklistDocument[]): Record<string, string> {
	const named = documents.flatMap(({ words }) => {
		const own = ownWordsIn({ findings: {}, words }, deskLocale());
		return [
			...Object.entries(own?.items ?? {}).map(([id, one]) => [id, one?.question ?? ''] as const),
			...Object.entries(own?.findings ?? {}).map(([id, one]) => [id, one?.name ?? ''] as const)
		].filter(([id]) => isOwnId(id));
	});
	return Object.fromEntries(named);
}

/** Names of added problems by language: those of earlier versions stay, since answers to them do. */
function namesWith(
	before: Readonly<Record<string, Readonly<Record<string, string>>>>,
	{ words }: ChecklistDocument
) {
	const languages = [...new Set([...Object.keys(before), ...Object.keys(words)])];
	return Object.fromEntries(
		languages.map((language) => {
			const findings = Object.entries(words[language]?.findings ?? {});
			const named = findings.flatMap(([id, one]) => (one ? [[id, one.name]] : []));
			return [language, { ...before[language], ...Object.fromEntries(named) }];
		})
	);
}

/**
 * Publishes the checklist being edited: self-assessments sent from now on ask it. Nobody is assessed again: answers are shown and judged by
 * the version they were given to.
 * @returns its number as people read it
 * @throws DomainError where something keeps it from being published, or a colleague has changed it in the meantime
 */
export async function publishChecklist(
	db: Db,
	actor: Actor,
	input: { readonly seen: number; readonly note: string },
	now: Date
): Promise<number> {
	requirePermission(actor, 'settings:change');
	return inTransaction(db, async (tx) => {
		const [draft] = await tx.select().from(checklistDrafts).for('update');
		if (!draft || draft.version !== input.seen) throw new DomainError('conflict', 'checklistChanged');
		const { document } = draft;
		if (checklistFaults(document, await languagesOfPeople(tx)).length > 0)
			throw new DomainError('invalid', 'checklistFaults');
		const newest = await newestOwnChecklist(tx);
		const number = (newest ? (ownChecklistNumber(newest.version) ?? 0) : 0) + 1;
		await tx.insert(checklists).values({
			version: ownChecklistVersion(number),
			document,
			findingNames: namesWith(newest?.findingNames ?? {}, document),
			note: input.note.trim(),
			publishedAt: now,
			publishedBy: actor.kind === 'user' ? actor.id : null
		});
		await tx.delete(checklistDrafts);
		await writeAuditLine(tx, actor, {
			at: now,
			act: 'checklist-published',
			detail: { version: number }
		});
		return number;
	});
}

/**
 * Gives up what is being edited.
 * @throws DomainError where a colleague has changed it in the meantime
 */
export async function discardChecklistDraft(db: Db, actor: Actor, seen: number): Promise<void> {
	requirePermission(actor, 'settings:change');
	const gone = await db
		.delete(checklistDrafts)
		.where(eq(checklistDrafts.version, seen))
		.returning({ version: checklistDrafts.version });
	if (gone.length === 0) throw new DomainError('conflict', 'checklistChanged');
}
