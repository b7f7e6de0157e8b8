import { isOwnId, type OwnId } from '../../../core/questionnaire/checklist/own-ids';
import type { ChecklistDocument, OwnItem } from '../../../core/questionnaire/checklist/own-checklist';
import { OWN_PARTS } from '../../../core/questionnaire/checklist-editor/checklist-limits';
import {
	rewordItem,
	saveFinding,
	saveItem,
	shippedItems,
	withNextId
} from '../../../core/questionnaire/checklist-editor/edit-checklist';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { changeDraft } from './checklist-draft';
import type { PostedProblem, PostedQuestion } from './checklist-form';

const gone = () => new DomainError('conflict', 'checklistPartGone');

/** Refuses more than an organisation can add. */
function requireRoom(parts: readonly unknown[]): void {
	if (parts.length > OWN_PARTS)
		throw new DomainError('too-large', { code: 'checklistFull', facts: { most: OWN_PARTS } });
}

/** The id of something posted: its own if it is in the document, a new one if it has none. */
function idFor(
	document: ChecklistDocument,
	{ id, station, isSafety }: Pick<PostedQuestion, 'id' | 'station' | 'isSafety'>,
	known: readonly { readonly id: string }[]
): { readonly document: ChecklistDocument; readonly id: OwnId } {
	if (id === null) return withNextId(document, station, isSafety);
	if (!isOwnId(id) || !known.some((one) => one.id === id)) throw gone();
	return { document, id };
}

function withQuestion(document: ChecklistDocument, posted: PostedQuestion): ChecklistDocument {
	const { item, words, station, problems } = posted;
	if (item === null) {
		if (!shippedItems(document).some(({ id }) => id === posted.id)) throw gone();
		return rewordItem(document, posted.id ?? '', words);
	}
	const made: OwnId[] = [];
	let next = document;
	for (const problem of problems) {
		const numbered = withNextId(next, station, problem.isSafety);
		made.push(numbered.id);
		next = saveFinding(numbered.document, { id: numbered.id, ...problem.finding }, problem.words);
	}
	const answers = item.answers.map(({ id, finding }) => ({
		id,
		finding: finding?.startsWith('new-') ? (made[Number(finding.slice('new-'.length)) - 1] ?? null) : finding
	}));
	const numbered = idFor(next, posted, next.items);
	const saved = { ...item, answers, id: numbered.id, station } as OwnItem;
	return saveItem(numbered.document, saved, words);
}

/**
 * Saves a question of the checklist being edited, with problems that are added along with it.
 * @throws DomainError where it is no longer there, or a colleague has changed the checklist in the meantime
 */
export async function saveQuestion(
	db: Db,
	actor: Actor,
	{ seen, posted }: { readonly seen: number; readonly posted: PostedQuestion },
	now: Date
): Promise<void> {
	await changeDraft(db, actor, seen, now, (document) => {
		const next = withQuestion(document, posted);
		requireRoom(next.items);
		requireRoom(next.findings);
		return next;
	});
}

export async function saveProblem(
	db: Db,
	actor: Actor,
	{ seen, posted }: { readonly seen: number; readonly posted: PostedProblem },
	now: Date
): Promise<void> {
	await changeDraft(db, actor, seen, now, (document) => {
		const numbered = idFor(document, posted, document.findings);
		const next = saveFinding(numbered.document, { id: numbered.id, ...posted.finding }, posted.words);
		requireRoom(next.findings);
		return next;
	});
}
