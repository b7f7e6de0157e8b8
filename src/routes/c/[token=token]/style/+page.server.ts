import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { WAYS } from '$lib/core/corner';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { keepStyle, readStyles, tryStyle } from '$lib/server/plans/sitting-styles';
import type { Actions, PageServerLoad } from './$types';

/** The sitting styles that somebody can try for a day each, and what one of them asks for at their workstation. */
export const load: PageServerLoad = ({ locals, params, url }) =>
	orErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		const way = url.searchParams.get('way');
		const styles = await readStyles(locals.db, open, locals.planning, way, locals.now);
		if (!styles) redirect(303, `/c/${params.token}/plan`);
		return styles;
	});

const readWay = formReader({ way: Type.Enum(WAYS) });

export const actions: Actions = {
	try: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { way } = await readWay(request);
			await tryStyle(locals.db, await openAssessment(locals.db, params.token), way, locals.now);
			redirect(303, `/c/${params.token}/style`);
		}),

	stop: ({ locals, params }) =>
		orFailedForm(async () => {
			await tryStyle(locals.db, await openAssessment(locals.db, params.token), null, locals.now);
			redirect(303, `/c/${params.token}/plan`);
		}),

	keep: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { way } = await readWay(request);
			const open = await openAssessment(locals.db, params.token);
			await keepStyle(locals.db, open, way, locals.planning, locals.now);
			redirect(303, `/c/${params.token}/plan`);
		})
};
