import { wordsOnlyIn } from '$lib/core/questionnaire/checklist/own-checklist';
import { deskWords } from '$lib/messages/desk';
import { languageOf } from '$lib/messages/languages';
import { deskLocale } from '$lib/messages/desk-language';
import { openAssessmentOf } from '$lib/server/questionnaire/assessments/open-assessment';
import { requireFutureDay } from '$lib/server/cases/case-forms';
import { requireCase } from '$lib/server/cases/require-case';
import { DomainError } from '$lib/server/platform/domain-error';
import { isoDay } from '$lib/server/platform/clock';
import { openFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { day, text, uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { readPersonPlace } from '$lib/server/people/lock-person';
import { signedIn } from '$lib/server/platform/signed-in';
import { joinSharedSession } from '$lib/server/questionnaire/shared-sessions/join-shared-session';
import {
	openSharedSessionOf,
	sharedSessionsOf
} from '$lib/server/questionnaire/shared-sessions/open-shared-session';
import { makeSharedPlan } from '$lib/server/questionnaire/shared-sessions/shared-plan';
import {
	agreeToPlan,
	endSharedSession,
	noteNextDay
} from '$lib/server/questionnaire/shared-sessions/steer-shared-session';
import { coordinatorParty, isMember } from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import {
	readSummaries,
	readSharedSessionState
} from '$lib/server/questionnaire/shared-sessions/shared-session-state';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** The open shared session for coordinators who have come in, and what is left of earlier ones. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { db, now } = locals;
		const { id: userId } = await requireCase(db, signedIn(locals), params.id, 'cases:act');
		const person = await readPersonPlace(db, params.id);
		if (!person) throw new DomainError('not-found', 'noPerson');
		const open = await openSharedSessionOf(db, params.id, now);
		const isIn = open !== null && (await isMember(db, open.id, userId));
		const [newest] = await sharedSessionsOf(db, person.id, 1);
		const about = newest && (await openAssessmentOf(db, newest.assessmentId, { evenIfEnded: true }));
		return {
			person: { id: person.id, name: person.name, phone: person.phone },
			isStarted: open !== null,
			sharedSession: isIn ? await readSharedSessionState(db, open.id, now) : null,
			/** What was asked, in the open or the newest one. */
			about: about && {
				way: about.assessment.sittingStyle,
				checklistVersion: about.assessment.checklistVersion,
				ownChecklist: about.ownChecklist && wordsOnlyIn(about.ownChecklist, languageOf(deskLocale()))
			},
			summaries: await readSummaries(db, person.id, now),
			key: crypto.randomUUID()
		};
	});

const readCode = formReader({ code: text(20) });
const readPlan = formReader({ plan: uuid });
const readNext = formReader({ key: uuid, due: day });

const partyOf = ({ locals, params }: RequestEvent) =>
	coordinatorParty(locals.db, signedIn(locals), params.id, locals.now);

export const actions: Actions = {
	join: ({ request, locals, params }) =>
		withFormError(async () => {
			const { code } = await readCode(request);
			await joinSharedSession(locals.db, signedIn(locals), { personId: params.id, code }, locals.now);
		}),
	plan: (event) => withFormError(async () => makeSharedPlan(event.locals, await partyOf(event))),
	agree: (event) =>
		withFormError(async () => {
			const { plan } = await readPlan(event.request);
			await agreeToPlan(event.locals.db, await partyOf(event), plan, event.locals.now);
		}),
	/** Sets the follow-up, and shows its day to both. */
	next: (event) =>
		withFormError(async () => {
			const { locals, params } = event;
			const { key, due } = await readNext(event.request);
			const party = await partyOf(event);
			const seen = (await openFollowUp(locals.db, params.id, 'look'))?.version ?? 0;
			const followUp = {
				key,
				personId: params.id,
				kind: 'look' as const,
				due: requireFutureDay(due, isoDay(locals.now, locals.timeZone)),
				reason: deskWords.sharedSession.followUpReason,
				seen
			};
			await setFollowUp(locals.db, signedIn(locals), followUp, locals.now);
			await noteNextDay(locals.db, party, followUp.due, locals.now);
		}),
	end: (event) =>
		withFormError(async () => {
			await endSharedSession(event.locals.db, await partyOf(event), event.locals.now);
		})
};
