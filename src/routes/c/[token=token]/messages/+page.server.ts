import { redirect } from '@sveltejs/kit';
import { equipmentOf } from '$lib/server/cases/decide-equipment';
import { LONGEST_MESSAGE, messagesOf, writeToCoordinator } from '$lib/server/cases/messages';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text, uuid } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { actor, assessment } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		const requests = await equipmentOf(locals.db, actor.personId);
		return {
			messages: await messagesOf(locals.db, actor.personId),
			requests: requests.map(({ purchase, state, reason }) => ({ purchase, state, reason })),
			hasLeft: assessment.endedWhy === 'left',
			key: crypto.randomUUID(),
			timeZone: locals.config.timeZone
		};
	});

const read = formReader({ text: text(LONGEST_MESSAGE), key: uuid });

export const actions: Actions = {
	default: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const input = await read(request);
			const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			await writeToCoordinator(locals.db, open, input, locals.now);
			redirect(303, url.pathname);
		})
};
