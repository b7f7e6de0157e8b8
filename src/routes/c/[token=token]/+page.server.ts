import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import {
	fieldsOfItemsGone,
	IN_PLACE_ITEMS,
	stillInPlaceField
} from '$lib/core/questionnaire/answers/in-place-items';
import {
	isPrefilled,
	CHANGED_PARTS,
	clearChangedParts,
	type ChangedPart
} from '$lib/core/questionnaire/answers/changed-parts';
import { QUESTIONNAIRE_MODES } from '$lib/core/questionnaire/answers/fields';
import { questionnaireModeOf } from '$lib/core/questionnaire/select-questions';
import { questionnaireOf } from '$lib/core/questionnaire/questionnaire';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { readPrivacyLines } from '$lib/server/questionnaire/privacy/read-privacy-lines';
import { restReminders } from '$lib/server/people/rounds/rest-reminders';
import { lastEmergency } from '$lib/server/cases/warning-signs/last-emergency';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { inPlaceSince } from '$lib/server/plan/plans/earlier-plan';
import type { Actions, PageServerLoad } from './$types';

const renewedField = (one: ChangedPart) => `new.${one}` as const;

/** Before it is begun, nobody can have typed what it contains: it is from last time. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { assessment, actor, language } = await openAssessment(locals.db, params.token);
		const emergency = await lastEmergency(locals.db, actor.personId);
		const { answeredAt } = assessment;
		const isAgain = assessment.consentedAt === null && isPrefilled(assessment.answers);
		return {
			isAgain,
			/** An emergency since the answers: nobody is greeted as if nothing had happened. */
			emergency: emergency && (answeredAt === null || emergency.at > answeredAt) ? emergency : null,
			inPlace: isAgain ? await inPlaceSince(locals.db, assessment) : null,
			privacy: (await readPrivacyLines(locals.db, language)).brief
		};
	});

const ticked = Type.Optional(Type.Literal('yes'));
const kept = Type.Optional(Type.Enum(['yes', 'no']));

const read = formReader({
	route: Type.Optional(Type.Enum(QUESTIONNAIRE_MODES)),
	...(Object.fromEntries(CHANGED_PARTS.map((one) => [renewedField(one), ticked])) as Record<
		ReturnType<typeof renewedField>,
		typeof ticked
	>),
	...(Object.fromEntries(IN_PLACE_ITEMS.map((what) => [stillInPlaceField(what), kept])) as Record<
		ReturnType<typeof stillInPlaceField>,
		typeof kept
	>)
});

export const actions: Actions = {
	/** Not today: the person is left alone for a week. */
	rest: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			return { restUntil: await restReminders(locals.db, open, locals.now) };
		}),

	/**
	 * Records the consent, short or complete, what has changed since last time and what is still in place, and goes to the first open
	 * question, or the last one.
	 */
	begin: ({ request, locals, params }) =>
		withFormError(async () => {
			const form = await read(request);
			const open = await openAssessment(locals.db, params.token);
			await recordConsent(locals.db, open, locals.now);
			const { answers } = open.assessment;
			const renewed = CHANGED_PARTS.filter((one) => form[renewedField(one)] === 'yes');
			const route =
				form.route === questionnaireModeOf(answers, open.assessment.questionnaireMode)
					? undefined
					: form.route;
			const still = IN_PLACE_ITEMS.flatMap((what) => {
				const said = form[stillInPlaceField(what)];
				return said ? [[stillInPlaceField(what), said]] : [];
			});
			const fields = {
				...clearChangedParts(answers, renewed),
				...Object.fromEntries(still),
				...fieldsOfItemsGone(renewed),
				...(route && { route })
			};
			if (Object.keys(fields).length > 0) await saveAnswers(locals.db, open, fields, locals.now);
			const { assessment, checklist } = await openAssessment(locals.db, params.token);
			const walk = questionnaireOf(
				assessment.answers,
				{ way: assessment.sittingStyle, checklist },
				questionnaireModeOf(assessment.answers, assessment.questionnaireMode)
			);
			const [first] = walk.open.length > 0 ? walk.open : walk.steps;
			redirect(303, `/c/${params.token}/${first?.page ?? 'first'}`);
		})
};
