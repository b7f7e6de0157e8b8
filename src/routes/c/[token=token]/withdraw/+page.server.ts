import { redirect } from '@sveltejs/kit';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { hasOpenRedFlag } from '$lib/server/cases/case-assessments/newest-assessment-result';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { actor, assessment } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		return {
			hasOpenSign: await hasOpenRedFlag(locals.db, actor.personId),
			hasLeft: assessment.endedWhy === 'left'
		};
	});

export const actions: Actions = {
	default: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			await withdrawAnswers(locals.db, open, locals.now);
			redirect(303, '/withdrawn');
		})
};
