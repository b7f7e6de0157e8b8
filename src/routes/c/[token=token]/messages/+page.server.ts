import { redirect } from '@sveltejs/kit';
import { factsOfAnswers, stuckAt } from '$lib/core/answers';
import { EXERCISES } from '$lib/core/moving/exercise';
import { messagesFor, USUAL_LOCALE } from '$lib/messages';
import { movingTextsFor } from '$lib/messages/moving';
import { stuckWords } from '$lib/messages/stuck-words';
import { equipmentOf } from '$lib/server/equipment/decide-equipment';
import { LONGEST_MESSAGE, messagesOf, writeToCoordinator } from '$lib/server/cases/messages';
import { openAssessment, type OpenAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text, uuid } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { Type } from 'typebox';
import type { Actions, PageServerLoad } from './$types';

/** Where somebody is stuck, as the address says and in words; null where it says nothing. */
function stuckHere(url: URL, { assessment }: OpenAssessment): string | null {
	const at = stuckAt(url.searchParams.get('stuck'));
	return at && stuckWords(at, factsOfAnswers(assessment.answers, assessment.way), messagesFor());
}

/** What somebody wants to say of an exercise that hurt, begun for them; empty where the address names none. */
function hurtWords(url: URL): string {
	const hurt = EXERCISES.find((id) => id === url.searchParams.get('hurt'));
	const texts = movingTextsFor(USUAL_LOCALE);
	return hurt ? texts.hurtMessage(texts.exercises[hurt].name) : '';
}

export const load: PageServerLoad = ({ locals, params, url }) =>
	orErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		const { actor, assessment } = open;
		const requests = await equipmentOf(locals.db, actor.personId);
		return {
			messages: await messagesOf(locals.db, actor.personId),
			requests: requests.map(({ purchase, state, reason }) => ({ purchase, state, reason })),
			stuck: stuckHere(url, open),
			begun: hurtWords(url),
			hasLeft: assessment.endedWhy === 'left',
			key: crypto.randomUUID(),
			timeZone: locals.config.timeZone
		};
	});

const read = formReader({
	text: text(LONGEST_MESSAGE),
	key: uuid,
	call: Type.Optional(Type.Literal('yes'))
});

export const actions: Actions = {
	default: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const { call, ...input } = await read(request);
			const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			const where = stuckHere(url, open);
			const words = where ? messagesFor().stuck.message(where, input.text, call === 'yes') : input.text;
			await writeToCoordinator(locals.db, open, { ...input, text: words }, locals.now);
			redirect(303, url.pathname);
		})
};
