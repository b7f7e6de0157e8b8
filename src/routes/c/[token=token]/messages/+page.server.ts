import { redirect } from '@sveltejs/kit';
import { equipmentOf } from '$lib/server/cases/decide-equipment';
import { LONGEST_MESSAGE, messagesOf, writeToCoordinator } from '$lib/server/cases/messages';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { UUID_PATTERN } from '$lib/server/http/person-schema';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token, locals.now);
		const requests = await equipmentOf(locals.db, actor.personId);
		return {
			messages: await messagesOf(locals.db, actor.personId),
			requests: requests.map(({ purchase, state, reason }) => ({ purchase, state, reason })),
			key: crypto.randomUUID(),
			timeZone: locals.config.timeZone
		};
	});

const read = formReader<{ text: string; key: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['text', 'key'],
	properties: {
		text: { type: 'string', maxLength: LONGEST_MESSAGE },
		key: { type: 'string', pattern: UUID_PATTERN }
	}
});

export const actions: Actions = {
	default: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const input = await read(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			await writeToCoordinator(locals.db, open, input, locals.now);
			redirect(303, url.pathname);
		})
};
