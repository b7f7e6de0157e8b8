import type { ChecklistDocument } from '../../../core/questionnaire/checklist/own-checklist';
import {
	isUnchanged,
	checklistChanges
} from '../../../core/questionnaire/checklist-editor/checklist-changes';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { saveDraft } from '../../platform/versions/publish-version';
import {
	everyVersion,
	newestVersion,
	readDraft,
	versionAt,
	type Draft
} from '../../platform/versions/read-versions';
import { CHECKLIST, type PublishedChecklist } from './read-checklists';

/** The checklist that is edited, and the one that is asked now. */
interface EditedChecklist {
	readonly document: ChecklistDocument;
	/** Goes up with each change, so that nobody overwrites a colleague's. */
	readonly seen: number;
	readonly asked: PublishedChecklist;
	/** Its number as people read it; 0 for the software's own. */
	readonly askedNumber: number;
	/** The colleague who changed it last, and when; null while nothing is being edited. */
	readonly changed: Draft<unknown>['changed'];
}

/** Reads the checklist being edited, or else the one asked now. Two key look-ups. */
export async function readEditedChecklist(db: Db): Promise<EditedChecklist> {
	const { seen, content, changed } = await readDraft(db, CHECKLIST);
	const newest = await newestVersion(db, CHECKLIST);
	return {
		document: (content ?? newest.content).document,
		seen,
		asked: newest.content,
		askedNumber: newest.version - CHECKLIST.base,
		changed
	};
}

/** Names of added problems by language: those of earlier versions stay, since answers to them do. */
function namesWith(before: PublishedChecklist['findingNames'], { words }: ChecklistDocument) {
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
		const edited = await readEditedChecklist(tx);
		if (edited.seen !== seen) throw new DomainError('conflict', 'checklistChanged');
		const { document: asked, findingNames } = edited.asked;
		const document = edit(edited.document);
		const content = isUnchanged(checklistChanges(asked, document))
			? null
			: { document, findingNames: namesWith(findingNames, document) };
		await saveDraft(tx, actor, CHECKLIST, { seen, content }, now);
		return document;
	});
}

/** The highest number that anything added has here, published or being edited: what comes from elsewhere is numbered above it. */
export async function highestChecklistNumber(db: Db): Promise<number> {
	const published = await everyVersion(db, CHECKLIST);
	const { document } = await readEditedChecklist(db);
	return Math.max(document.numbers, ...published.map(({ content }) => content.document.numbers));
}

/**
 * A published version to start from, with numbers that go on from the highest; 0 is the checklist that the software comes with.
 * @throws DomainError where there is no such version
 */
export async function checklistToStartFrom(db: Db, number: number): Promise<ChecklistDocument> {
	const document = await checklistNumbered(db, number);
	return { ...document, numbers: await highestChecklistNumber(db) };
}

/**
 * A version by its number as people read it; 0 is the checklist that the software comes with.
 * @throws DomainError where there is no such version
 */
export async function checklistNumbered(db: Db, number: number): Promise<ChecklistDocument> {
	if (number === 0) return CHECKLIST.read(null).document;
	const published = await versionAt(db, CHECKLIST, CHECKLIST.base + number);
	if (!published) throw new DomainError('not-found', 'noChecklistVersion');
	return published.document;
}
