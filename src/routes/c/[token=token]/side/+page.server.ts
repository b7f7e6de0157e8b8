import { redirect } from '@sveltejs/kit';
import { chosenOption } from '$lib/core/questionnaire/answers/fields';
import { planOffers } from '$lib/core/plan/advice/plan-offers';
import { sideViewPointsFor } from '$lib/core/plan/advice/side-view-points';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import type { PageServerLoad } from './$types';

/** The workstation after its plan, and what to compare with it from the side. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { assessment } = await openAssessment(locals.db, params.token);
		const kept = await currentPlanOf(locals.db, assessment.id);
		if (!kept) redirect(303, `/c/${params.token}`);
		const { workstation, advice, steps, chosen } = kept;
		return {
			corner: workstation,
			plan: planOffers(workstation, advice)[chosen]?.plan ?? null,
			look: sideViewPointsFor(workstation, steps),
			drawnAs: chosenOption(assessment.answers, 'drawnAs')
		};
	});
