import { redirect } from '@sveltejs/kit';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { openWalkthroughOf, startWalkthrough } from '$lib/server/questionnaire/walkthroughs/open-walkthrough';
import { agreeToPlan, endWalkthrough } from '$lib/server/questionnaire/walkthroughs/steer-walkthrough';
import { makeSharedPlan } from '$lib/server/questionnaire/walkthroughs/shared-plan';
import { personParty } from '$lib/server/questionnaire/walkthroughs/walkthrough-party';
import {
	readSummaries,
	readWalkthroughState
} from '$lib/server/questionnaire/walkthroughs/walkthrough-state';
import type { Actions, PageServerLoad } from './$types';

/** The open walkthrough, and what is left of earlier ones. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { db, now } = locals;
		const { assessment, actor } = await openAssessment(db, params.token);
		if (!assessment.consentedAt) redirect(303, `/c/${params.token}`);
		const open = await openWalkthroughOf(db, actor.personId, now);
		const isHere = open?.assessmentId === assessment.id;
		return {
			walkthrough: isHere ? await readWalkthroughState(db, open.id, now) : null,
			summaries: await readSummaries(db, actor.personId, now)
		};
	});

const readPlan = formReader({ plan: uuid });

export const actions: Actions = {
	start: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			await startWalkthrough(locals.db, open, locals.now);
		}),
	plan: ({ locals, params }) =>
		withFormError(async () => makeSharedPlan(locals, await personParty(locals.db, params.token, locals.now))),
	agree: ({ request, locals, params }) =>
		withFormError(async () => {
			const { plan } = await readPlan(request);
			const party = await personParty(locals.db, params.token, locals.now);
			await agreeToPlan(locals.db, party, plan, locals.now);
		}),
	end: ({ locals, params }) =>
		withFormError(async () => {
			await endWalkthrough(locals.db, await personParty(locals.db, params.token, locals.now), locals.now);
		})
};
