import { redirect } from '@sveltejs/kit';
import { isEmergency, redFlagNamed } from '$lib/core/cases/discomfort/red-flags';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { openEmergencyFlags } from '$lib/server/cases/warning-signs/clear-emergency';
import type { PageServerLoad } from './$types';

/** Names the symptom and asks once. */
export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token);
		const told = (url.searchParams.get('signs') ?? '').split(',').flatMap((one) => {
			const sign = redFlagNamed(one);
			return sign && isEmergency(sign) ? [sign] : [];
		});
		const signs = [...new Set([...(await openEmergencyFlags(locals.db, actor.personId)), ...told])];
		if (signs.length === 0) redirect(303, `/c/${params.token}`);
		return { signs };
	});
