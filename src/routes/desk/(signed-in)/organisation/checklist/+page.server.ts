import {
	moveItem,
	removeFinding,
	removeItem,
	renumbered,
	takeItemIn
} from '$lib/core/questionnaire/checklist-editor/edit-checklist';
import { isOwnId } from '$lib/core/questionnaire/checklist/own-ids';
import {
	changeDraft,
	checklistToStartFrom,
	highestChecklistNumber
} from '$lib/server/questionnaire/checklists/checklist-draft';
import {
	checklistOfFile,
	readAbout,
	readChecklistFile,
	readMove,
	readDiscard,
	readPublish,
	readStart
} from '$lib/server/questionnaire/checklists/checklist-form';
import {
	checklistPage,
	discardChecklistDraft,
	publishChecklist
} from '$lib/server/questionnaire/checklists/publish-checklist';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => checklistPage(locals.db, signedIn(locals)));

export const actions: Actions = {
	move: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, part, to } = await readMove(request);
			await changeDraft(locals.db, actor, Number(seen), locals.now, (document) =>
				moveItem(document, part, Number(to))
			);
		}),

	/** Leaves a question out, or takes out a question or problem that was added. */
	remove: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, part } = await readAbout(request);
			await changeDraft(locals.db, actor, Number(seen), locals.now, (document) =>
				isOwnId(part) && document.findings.some(({ id }) => id === part)
					? removeFinding(document, part)
					: removeItem(document, part)
			);
		}),

	takeIn: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, part } = await readAbout(request);
			await changeDraft(locals.db, actor, Number(seen), locals.now, (document) => takeItemIn(document, part));
		}),

	start: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, version } = await readStart(request);
			const document = await checklistToStartFrom(locals.db, Number(version));
			await changeDraft(locals.db, actor, Number(seen), locals.now, () => document);
			return { started: Number(version) };
		}),

	load: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, file } = await readChecklistFile(request);
			const above = await highestChecklistNumber(locals.db);
			const document = renumbered(checklistOfFile(file), above);
			await changeDraft(locals.db, actor, Number(seen), locals.now, () => document);
			return { loaded: true };
		}),

	publish: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen, note } = await readPublish(request);
			return {
				published: await publishChecklist(locals.db, actor, { seen: Number(seen), note }, locals.now)
			};
		}),

	discard: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { seen } = await readDiscard(request);
			await discardChecklistDraft(locals.db, actor, Number(seen), locals.now);
			return { discarded: true };
		})
};
