import { redirect } from '@sveltejs/kit';
import { readQuestion } from '$lib/server/questionnaire/checklists/checklist-form';
import { questionPage } from '$lib/server/questionnaire/checklists/part-page';
import { saveQuestion } from '$lib/server/questionnaire/checklists/save-checklist-parts';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const id = url.searchParams.get('id');
		const station = url.searchParams.get('station');
		const actor = signedIn(locals);
		if (id === null && station === null) redirect(303, '/desk/organisation/checklist');
		return questionPage(locals.db, actor, { id, station });
	});

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			await saveQuestion(locals.db, actor, await readQuestion(request), locals.now);
			redirect(303, '/desk/organisation/checklist');
		})
};
