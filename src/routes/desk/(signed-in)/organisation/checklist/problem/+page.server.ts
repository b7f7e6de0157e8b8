import { redirect } from '@sveltejs/kit';
import { readProblem } from '$lib/server/questionnaire/checklists/checklist-form';
import { problemPage } from '$lib/server/questionnaire/checklists/part-page';
import { saveProblem } from '$lib/server/questionnaire/checklists/save-checklist-parts';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const id = url.searchParams.get('id');
		const actor = signedIn(locals);
		if (id === null) redirect(303, '/desk/organisation/checklist');
		return problemPage(locals.db, actor, id);
	});

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			await saveProblem(locals.db, actor, await readProblem(request), locals.now);
			redirect(303, '/desk/organisation/checklist');
		})
};
