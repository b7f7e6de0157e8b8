import { redirect } from '@sveltejs/kit';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import {
	openSharedSessionOf,
	startSharedSession
} from '$lib/server/questionnaire/shared-sessions/open-shared-session';
import {
	agreeToPlan,
	endSharedSession
} from '$lib/server/questionnaire/shared-sessions/steer-shared-session';
import { makeSharedPlan } from '$lib/server/questionnaire/shared-sessions/shared-plan';
import { personParty } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import {
	readSummaries,
	readSharedSessionState
} from '$lib/server/questionnaire/shared-sessions/shared-session-state';
import type { Actions, PageServerLoad } from './$types';

/** The open shared session, and what is left of earlier ones. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { db, now } = locals;
		const { assessment, actor } = await openAssessment(db, params.token);
		if (!assessment.consentedAt) redirect(303, `/c/${params.token}`);
		const open = await openSharedSessionOf(db, actor.personId, now);
		const isHere = open?.assessmentId === assessment.id;
		return {
			sharedSession: isHere ? await readSharedSessionState(db, open.id, now) : null,
			summaries: await readSummaries(db, actor.personId, now)
		};
	});

const readPlan = formReader({ plan: uuid });

export const actions: Actions = {
	start: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			await startSharedSession(locals.db, open, locals.now);
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
			await endSharedSession(locals.db, await personParty(locals.db, params.token, locals.now), locals.now);
		})
};
