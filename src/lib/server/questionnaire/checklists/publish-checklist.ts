import { and, count, isNull } from 'drizzle-orm';
import { isOwnId } from '../../../core/questionnaire/checklist/own-ids';
import type { ChecklistDocument } from '../../../core/questionnaire/checklist/own-checklist';
import { ownWordsIn } from '../../../core/questionnaire/checklist/own-parts';
import {
	checklistChanges,
	isUnchanged
} from '../../../core/questionnaire/checklist-editor/checklist-changes';
import { checklistFaults } from '../../../core/questionnaire/checklist-editor/checklist-faults';
import { unchangedChecklist } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { deskLocale } from '../../../messages/desk-language';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { languagesOfPeople } from '../../people/languages-of-people';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { readEditedChecklist } from './checklist-draft';
import { discardDraft, publishDraft } from '../../platform/versions/publish-version';
import { everyVersion, readDraft, versionList } from '../../platform/versions/read-versions';
import { CHECKLIST, type PublishedChecklist } from './read-checklists';

const { assessments } = schema;

/** Links that are out and unanswered: they keep the questions they were sent with. Cost: one pass over the unanswered. */
async function openLinks(db: Db): Promise<number> {
	const [row] = await db
		.select({ n: count() })
		.from(assessments)
		.where(and(isNull(assessments.answeredAt), isNull(assessments.revokedAt), isNull(assessments.placeOf)));
	return row?.n ?? 0;
}

/** The checklist being edited, what keeps it from being published, and every version so far. */
export async function checklistPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const { document, seen, asked, askedNumber, changed } = await readEditedChecklist(db);
	const languages = await languagesOfPeople(db);
	return {
		document,
		seen,
		asked: asked.document,
		/** Its number as people read it; 0 for the software's own. */
		version: askedNumber,
		changed,
		changes: checklistChanges(asked.document, document),
		faults: checklistFaults(document, languages),
		languages,
		openLinks: await openLinks(db),
		versions: await versionList(db, CHECKLIST, changesBetween),
		names: addedNames((await everyVersion(db, CHECKLIST)).map(({ content }) => content.document))
	};
}

/** What is different from the version before; of one that the software comes with, from that on which the organisation's is based. */
const changesBetween = ({ document: before }: PublishedChecklist, { document: after }: PublishedChecklist) =>
	checklistChanges(
		isUnchanged(checklistChanges(unchangedChecklist(before.basedOn), before))
			? unchangedChecklist(after.basedOn)
			: before,
		after
	);

/** What questions and problems that any version has added are called, in the reader's language: also those that are no longer asked. */
function addedNames(documents: readonly ChecklistDocument[]): Record<string, string> {
	// The newest words of each come last.
	const named = documents.toReversed().flatMap(({ words }) => {
		const own = ownWordsIn({ findings: {}, words }, deskLocale());
		return [
			...Object.entries(own?.items ?? {}).map(([id, one]) => [id, one?.question ?? ''] as const),
			...Object.entries(own?.findings ?? {}).map(([id, one]) => [id, one?.name ?? ''] as const)
		].filter(([id]) => isOwnId(id));
	});
	return Object.fromEntries(named);
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
		const { seen, content } = await readDraft(tx, CHECKLIST);
		if (!content || seen !== input.seen) throw new DomainError('conflict', 'checklistChanged');
		if (checklistFaults(content.document, await languagesOfPeople(tx)).length > 0)
			throw new DomainError('invalid', 'checklistFaults');
		return publishDraft(tx, actor, CHECKLIST, { ...input, content }, now);
	});
}

/**
 * Gives up what is being edited.
 * @throws DomainError where a colleague has changed it in the meantime
 */
export async function discardChecklistDraft(db: Db, actor: Actor, seen: number, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, (tx) => discardDraft(tx, actor, CHECKLIST, seen, now));
}
