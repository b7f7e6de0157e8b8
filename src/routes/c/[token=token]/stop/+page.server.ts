import { redirect } from '@sveltejs/kit';
import { isEmergency } from '$lib/core/discomfort';
import { emergencyNumber } from '$lib/core/emergency';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { newestJudgement } from '$lib/server/judgements/newest-judgement';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { actor, country } = await openAssessment(locals.db, params.token);
		const judgement = await newestJudgement(locals.db, actor.personId);
		const signs = (judgement?.reasons ?? []).flatMap(({ sign }) => (sign && isEmergency(sign) ? [sign] : []));
		if (signs.length === 0) redirect(303, `/c/${params.token}`);
		return { signs, number: emergencyNumber(country) };
	});
