import { redirect } from '@sveltejs/kit';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { withdrawAssessment } from '$lib/server/assessments/plan-progress';
import { orFailedForm } from '$lib/server/http/answer-fault';
import type { Actions } from './$types';

export const actions: Actions = {
	default: ({ locals, params }) =>
		orFailedForm(async () => {
			const open = await openAssessment(locals.db, params.token, locals.now);
			await withdrawAssessment(locals.db, open, locals.now);
			redirect(303, '/withdrawn');
		})
};
