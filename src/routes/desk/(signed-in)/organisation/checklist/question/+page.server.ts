import { redirect } from '@sveltejs/kit';
import { readQuestion } from '$lib/server/checklists/checklist-form';
import { questionPage } from '$lib/server/checklists/part-page';
import { saveQuestion } from '$lib/server/checklists/save-checklist-parts';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(() =>
		questionPage(locals.db, signedIn(locals), {
			id: url.searchParams.get('id'),
			station: url.searchParams.get('station')
		})
	);

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			await saveQuestion(locals.db, actor, await readQuestion(request), locals.now);
			redirect(303, '/desk/organisation/checklist');
		})
};
