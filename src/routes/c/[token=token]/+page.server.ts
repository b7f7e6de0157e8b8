import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { RENEWED, ROUTES, withoutRenewed, type Renewed } from '$lib/core/answers';
import { routeOf, walkOf } from '$lib/core/asking';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { giveConsent, saveAnswers } from '$lib/server/assessments/save-answers';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions } from './$types';

const renewedField = (one: Renewed) => `new.${one}` as const;

const ticked = Type.Optional(Type.Literal('yes'));

const read = formReader({
	route: Type.Optional(Type.Enum(ROUTES)),
	...(Object.fromEntries(RENEWED.map((one) => [renewedField(one), ticked])) as Record<
		ReturnType<typeof renewedField>,
		typeof ticked
	>)
});

export const actions: Actions = {
	/**
	 * Notes the consent, how much is asked and what is another one than last time, and goes where something is open: to the first question, or
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
			const fields = { ...withoutRenewed(answers, renewed), ...(route && { route }) };
			if (Object.keys(fields).length > 0) await saveAnswers(locals.db, open, fields, locals.now);
			const { assessment } = await openAssessment(locals.db, params.token);
			const walk = walkOf(assessment.answers, assessment, routeOf(assessment.answers, assessment.route));
			const [first] = walk.open.length > 0 ? walk.open : walk.steps;
			redirect(303, `/c/${params.token}/${first?.page ?? 'first'}`);
		})
};
