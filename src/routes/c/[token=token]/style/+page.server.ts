import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { SITTING_STYLES } from '$lib/core/workstation/corner/vocabulary';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { adoptStyle, readStylesPage, startStyleTrial } from '$lib/server/plan/plans/sitting-styles';
import type { Actions, PageServerLoad } from './$types';

/** The sitting styles someone can try for a day each, and what one of them asks for at their workstation. */
export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		const way = url.searchParams.get('way');
		const styles = await readStylesPage(locals.db, open, locals.planning, way, locals.now);
		if (!styles) redirect(303, `/c/${params.token}/plan`);
		return styles;
	});

const readWay = formReader({ way: Type.Enum(SITTING_STYLES) });

export const actions: Actions = {
	try: ({ request, locals, params }) =>
		withFormError(async () => {
			const { way } = await readWay(request);
			await startStyleTrial(locals.db, await openAssessment(locals.db, params.token), way, locals.now);
			redirect(303, `/c/${params.token}/style`);
		}),

	stop: ({ locals, params }) =>
		withFormError(async () => {
			await startStyleTrial(locals.db, await openAssessment(locals.db, params.token), null, locals.now);
			redirect(303, `/c/${params.token}/plan`);
		}),

	keep: ({ request, locals, params }) =>
		withFormError(async () => {
			const { way } = await readWay(request);
			const open = await openAssessment(locals.db, params.token);
			await adoptStyle(locals.db, open, way, locals.planning, locals.now);
			redirect(303, `/c/${params.token}/plan`);
		})
};
