import { redirect } from '@sveltejs/kit';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { withdrawAnswers } from '$lib/server/assessments/withdraw';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { hasOpenSign } from '$lib/server/judgements/newest-judgement';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { actor, assessment } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		return {
			hasOpenSign: await hasOpenSign(locals.db, actor.personId),
			hasLeft: assessment.endedWhy === 'left'
		};
	});

export const actions: Actions = {
	default: ({ locals, params }) =>
		orFailedForm(async () => {
			const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			await withdrawAnswers(locals.db, open, locals.now);
			redirect(303, '/withdrawn');
		})
};
