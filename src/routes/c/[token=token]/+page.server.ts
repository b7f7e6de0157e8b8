import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import {
	goneWith,
	IN_PLACE,
	isAskedAgain,
	RENEWED,
	ROUTES,
	stillField,
	withoutRenewed,
	type Renewed
} from '$lib/core/answers';
import { routeOf, walkOf } from '$lib/core/asking';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { giveConsent, saveAnswers } from '$lib/server/assessments/save-answers';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { inPlaceSince } from '$lib/server/plans/in-place';
import type { Actions, PageServerLoad } from './$types';

const renewedField = (one: Renewed) => `new.${one}` as const;

/** Before it is begun nobody can have typed what it holds: it is from last time. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { assessment } = await openAssessment(locals.db, params.token);
		const isAgain = assessment.consentedAt === null && isAskedAgain(assessment.answers);
		return { isAgain, inPlace: isAgain ? await inPlaceSince(locals.db, assessment) : null };
	});

const ticked = Type.Optional(Type.Literal('yes'));
const kept = Type.Optional(Type.Enum(['yes', 'no']));

const read = formReader({
	route: Type.Optional(Type.Enum(ROUTES)),
	...(Object.fromEntries(RENEWED.map((one) => [renewedField(one), ticked])) as Record<
		ReturnType<typeof renewedField>,
		typeof ticked
	>),
	...(Object.fromEntries(IN_PLACE.map((what) => [stillField(what), kept])) as Record<
		ReturnType<typeof stillField>,
		typeof kept
	>)
});

export const actions: Actions = {
	/**
	 * Notes the consent, how much is asked, what is another one than last time and what is still in place, and goes where something is open: to the first question, or
	 * on from the last.
	 */
	begin: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const form = await read(request);
			const open = await openAssessment(locals.db, params.token);
			await giveConsent(locals.db, open, locals.now);
			const { answers } = open.assessment;
			const renewed = RENEWED.filter((one) => form[renewedField(one)] === 'yes');
			const route = form.route === routeOf(answers, open.assessment.route) ? undefined : form.route;
			const still = IN_PLACE.flatMap((what) => {
				const said = form[stillField(what)];
				return said ? [[stillField(what), said]] : [];
			});
			const fields = {
				...withoutRenewed(answers, renewed),
				...Object.fromEntries(still),
				...goneWith(renewed),
				...(route && { route })
			};
			if (Object.keys(fields).length > 0) await saveAnswers(locals.db, open, fields, locals.now);
			const { assessment } = await openAssessment(locals.db, params.token);
			const walk = walkOf(assessment.answers, assessment, routeOf(assessment.answers, assessment.route));
			const [first] = walk.open.length > 0 ? walk.open : walk.steps;
			redirect(303, `/c/${params.token}/${first?.page ?? 'first'}`);
		})
};
