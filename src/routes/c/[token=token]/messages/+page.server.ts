import { redirect } from '@sveltejs/kit';
import { factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
import { parseStuckLocation } from '$lib/core/questionnaire/answers/stuck-location';
import { EXERCISES } from '$lib/core/breaks/exercise';
import { messagesFor } from '$lib/messages';
import { breakTextsFor } from '$lib/messages/breaks';
import { stuckWords } from '$lib/messages/stuck-words';
import { equipmentOf } from '$lib/server/plan/equipment/decide-equipment';
import { MAX_MESSAGE_CHARS, messagesOf, writeToCoordinator } from '$lib/server/cases/messages';
import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { ownItemNames } from '$lib/server/platform/organisation-settings/own-items';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { Type } from 'typebox';
import type { Actions, PageServerLoad } from './$types';

/** Where someone is stuck, as the address says and in words; null where it says nothing. */
/** @param locale of who reads it */
function stuckHere(url: URL, { assessment, checklist }: OpenAssessment, locale?: string): string | null {
	const at = parseStuckLocation(url.searchParams.get('stuck'));
	return (
		at &&
		stuckWords(
			at,
			factsOfAnswers(assessment.answers, assessment.sittingStyle),
			messagesFor(locale),
			checklist.own
		)
	);
}

/** A message about an exercise that hurt, begun for the person; empty where the URL names none. */
function hurtWords(url: URL, locale: string): string {
	const hurt = EXERCISES.find((id) => id === url.searchParams.get('hurt'));
	const texts = breakTextsFor(locale);
	return hurt ? texts.hurtMessage(texts.exercises[hurt].name) : '';
}

export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		const { actor, assessment } = open;
		const requests = await equipmentOf(locals.db, actor.personId);
		return {
			messages: await messagesOf(locals.db, actor.personId),
			requests: requests.map(({ purchase, state, reason }) => ({ purchase, state, reason })),
			names: requests.length > 0 ? await ownItemNames(locals.db, open.language) : {},
			stuck: stuckHere(url, open, open.language),
			begun: hurtWords(url, open.language),
			hasLeft: assessment.endedWhy === 'left',
			key: crypto.randomUUID(),
			timeZone: (await readOrganisation(locals.db)).timeZone
		};
	});

const read = formReader({
	text: text(MAX_MESSAGE_CHARS),
	key: uuid,
	call: Type.Optional(Type.Literal('yes'))
});

export const actions: Actions = {
	default: ({ request, locals, params, url }) =>
		withFormError(async () => {
			const { call, ...input } = await read(request);
			const open = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			const where = stuckHere(url, open);
			const words = where ? messagesFor().stuck.message(where, input.text, call === 'yes') : input.text;
			await writeToCoordinator(locals.db, open, { ...input, text: words }, locals.now);
			redirect(303, url.pathname);
		})
};
