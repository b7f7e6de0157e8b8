import { eq, max, sql } from 'drizzle-orm';
import {
	ownChecklistVersion,
	type ChecklistDocument
} from '../../../core/questionnaire/checklist/own-checklist';
import {
	isUnchanged,
	checklistChanges
} from '../../../core/questionnaire/checklist-editor/checklist-changes';
import { unchangedChecklist } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { checklistDocumentAt, newestOwnChecklist, SHIPPED_CHECKLIST } from './read-checklists';

const { checklistDrafts, checklists } = schema;

/** The checklist that is edited, and the one that is asked now. */
export interface EditedChecklist {
	readonly document: ChecklistDocument;
	/** Goes up with each change; 0 while nothing is being edited. */
	readonly seen: number;
	/** The checklist asked now. */
	readonly asked: ChecklistDocument;
	/** Its version as stored. */
	readonly askedVersion: number;
	/** The colleague who changed it last, and when; null while nothing is being edited. */
	readonly changed: { readonly at: Date; readonly by: string | null } | null;
}

/** Reads the checklist being edited, or else the one asked now. Two key look-ups. */
export async function readEditedChecklist(db: Db): Promise<EditedChecklist> {
	const [draft] = await db
		.select({ draft: checklistDrafts, by: schema.users.name })
		.from(checklistDrafts)
		.leftJoin(schema.users, eq(schema.users.id, checklistDrafts.changedBy));
	const newest = await newestOwnChecklist(db);
	const asked = newest?.document ?? unchangedChecklist(SHIPPED_CHECKLIST.version);
	return {
		document: draft?.draft.document ?? asked,
		seen: draft?.draft.version ?? 0,
		asked,
		askedVersion: newest?.version ?? SHIPPED_CHECKLIST.version,
		changed: draft ? { at: draft.draft.changedAt, by: draft.by } : null
	};
}

/**
 * Changes the checklist being edited. What leads back to the checklist asked now ends the editing.
 * @param seen the version of the draft that the page showed
 * @throws DomainError where a colleague has changed it in the meantime
 */
export async function changeDraft(
	db: Db,
	actor: Actor,
	seen: number,
	now: Date,
	edit: (document: ChecklistDocument) => ChecklistDocument
): Promise<ChecklistDocument> {
	requirePermission(actor, 'settings:change');
	return inTransaction(db, async (tx) => {
		// One editor at a time, also where there is no draft yet.
		await tx.execute(sql`lock table ${checklistDrafts} in share row exclusive mode`);
		const edited = await readEditedChecklist(tx);
		if (edited.seen !== seen) throw new DomainError('conflict', 'checklistChanged');
		const document = edit(edited.document);
		if (isUnchanged(checklistChanges(edited.asked, document))) await tx.delete(checklistDrafts);
		else {
			const change = {
				document,
				version: seen + 1,
				changedAt: now,
				changedBy: actor.kind === 'user' ? actor.id : null
			};
			await tx
				.insert(checklistDrafts)
				.values(change)
				.onConflictDoUpdate({ target: checklistDrafts.id, set: change });
		}
		return document;
	});
}

/** The highest number that anything added has here, published or being edited: what comes from elsewhere is numbered above it. */
export async function highestChecklistNumber(db: Db): Promise<number> {
	const [row] = await db
		.select({ most: max(sql<number>`(${checklists.document} ->> 'numbers')::int`) })
		.from(checklists);
	const { document } = await readEditedChecklist(db);
	return Math.max(Number(row?.most ?? 0), document.numbers);
}

/**
 * A published version to start from, with numbers that go on from the highest; 0 is the checklist that the software comes with.
 * @throws DomainError where there is no such version
 */
export async function checklistToStartFrom(db: Db, number: number): Promise<ChecklistDocument> {
	const document =
		number === 0
			? unchangedChecklist(SHIPPED_CHECKLIST.version)
			: await checklistDocumentAt(db, ownChecklistVersion(number));
	if (!document) throw new DomainError('not-found', 'noChecklistVersion');
	return { ...document, numbers: await highestChecklistNumber(db) };
}
