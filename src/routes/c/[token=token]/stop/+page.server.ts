import { redirect } from '@sveltejs/kit';
import { signsOf } from '$lib/core/answers';
import { isEmergency } from '$lib/core/discomfort';
import { orErrorPage } from '$lib/server/http/answer-fault';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ parent }) =>
	orErrorPage(async () => {
		const { answers, token } = await parent();
		const signs = signsOf(answers).filter(isEmergency);
		if (signs.length === 0) redirect(303, `/c/${token}`);
		return { signs };
	});
