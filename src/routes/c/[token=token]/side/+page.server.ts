import { redirect } from '@sveltejs/kit';
import { choiceOf } from '$lib/core/answers';
import { offersOf, sideLookOf } from '$lib/core/advice';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { currentPlanOf } from '$lib/server/plans/current-plan';
import type { PageServerLoad } from './$types';

/** The corner as its plan leaves it, and what to compare with it from the side. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { assessment } = await openAssessment(locals.db, params.token);
		const kept = await currentPlanOf(locals.db, assessment.id);
		if (!kept) redirect(303, `/c/${params.token}`);
		const { corner, advice, steps, chosen } = kept;
		return {
			corner,
			plan: offersOf(corner, advice)[chosen]?.plan ?? null,
			look: sideLookOf(corner, steps),
			drawnAs: choiceOf(assessment.answers, 'drawnAs')
		};
	});
