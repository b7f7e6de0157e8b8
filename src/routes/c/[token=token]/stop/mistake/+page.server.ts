import { redirect } from '@sveltejs/kit';
import { isEmergency, signNamed } from '$lib/core/discomfort';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { stoppingSigns } from '$lib/server/warning-signs/lift-signs';
import type { PageServerLoad } from './$types';

/** Names the symptom and asks once. */
export const load: PageServerLoad = ({ locals, params, url }) =>
	orErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token);
		const told = (url.searchParams.get('signs') ?? '').split(',').flatMap((one) => {
			const sign = signNamed(one);
			return sign && isEmergency(sign) ? [sign] : [];
		});
		const signs = [...new Set([...(await stoppingSigns(locals.db, actor.personId)), ...told])];
		if (signs.length === 0) redirect(303, `/c/${params.token}`);
		return { signs };
	});
