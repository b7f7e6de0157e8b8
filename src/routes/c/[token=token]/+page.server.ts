import { redirect } from '@sveltejs/kit';
import { PAGES } from '$lib/core/answers';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { giveConsent } from '$lib/server/assessments/save-answers';
import { orFailedForm } from '$lib/server/http/answer-fault';
import type { Actions } from './$types';

export const actions: Actions = {
	begin: ({ locals, params }) =>
		orFailedForm(async () => {
			const open = await openAssessment(locals.db, params.token);
			await giveConsent(locals.db, open, locals.now);
			redirect(303, `/c/${params.token}/${PAGES[0]}`);
		})
};
