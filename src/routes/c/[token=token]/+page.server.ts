import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { ROUTES } from '$lib/core/answers';
import { routeOf, walkOf } from '$lib/core/asking';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { giveConsent, saveAnswers } from '$lib/server/assessments/save-answers';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions } from './$types';

const read = formReader({ route: Type.Optional(Type.Enum(ROUTES)) });

export const actions: Actions = {
	/** Notes the consent and how much is asked, and goes where something is open: to the first question, or on from the last. */
	begin: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { route } = await read(request);
			const open = await openAssessment(locals.db, params.token);
			await giveConsent(locals.db, open, locals.now);
			if (route && route !== routeOf(open.assessment.answers, open.assessment.route))
				await saveAnswers(locals.db, open, { route }, locals.now);
			const { assessment } = await openAssessment(locals.db, params.token);
			const walk = walkOf(assessment.answers, assessment, routeOf(assessment.answers, assessment.route));
			const [first] = walk.open.length > 0 ? walk.open : walk.steps;
			redirect(303, `/c/${params.token}/${first?.page ?? 'first'}`);
		})
};
