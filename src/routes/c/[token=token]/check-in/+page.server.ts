import { fail, redirect } from '@sveltejs/kit';
import { discomfortFromAnswers } from '$lib/core/questionnaire/answers/discomfort-answers';
import { isNoneGroup, redFlagIssues } from '$lib/core/questionnaire/answers/red-flag-answers';
import { pagesToReview } from '$lib/core/questionnaire/answers/pages-to-review';
import { redFlagsOf } from '$lib/core/questionnaire/answers/checklist-fields';
import { isEmergency } from '$lib/core/cases/discomfort/red-flags';
import { checkInRemarks } from '$lib/core/cases/case-assessment/check-in-remarks';
import { NEWS_KINDS } from '$lib/core/cases/case-assessment/vocabulary';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import {
	answerCheckIn,
	answeredCheckIns,
	checkInAnswersOf,
	openCheckInOf
} from '$lib/server/cases/check-ins/answer-check-in';
import { findingsAskedAbout } from '$lib/server/cases/findings/finding-states';
import { checkInForm, undoneOf } from '$lib/server/cases/check-ins/check-in-form';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReaderOf } from '$lib/server/platform/http/read-body';
import { currentPlanOf, stepEventsOf, stepTicksOfPlan } from '$lib/server/plan/plans/current-plan';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token);
		const answered = await checkInAnswersOf(locals.db, actor.personId);
		if (!answered) redirect(303, `/c/${params.token}`);
		const plan = await currentPlanOf(locals.db, answered);
		const ticks = plan ? stepTicksOfPlan(await stepEventsOf(locals.db, plan.id)) : {};
		const [last] = url.searchParams.has('sent') ? await answeredCheckIns(locals.db, actor.personId) : [];
		return {
			steps: plan?.steps.filter(({ place }) => ticks[place]).map(({ place }) => place) ?? [],
			findings: await findingsAskedAbout(locals.db, actor.personId, locals.now),
			isAsked: (await openCheckInOf(locals.db, actor.personId)) !== null,
			sent: last
				? {
						undone: last.undone,
						news: last.news,
						pages: pagesToReview(last.news),
						remarks: checkInRemarks(last, await newestAssessmentResult(locals.db, actor.personId))
					}
				: null
		};
	});

const read = formReaderOf(checkInForm);

export const actions: Actions = {
	default: ({ request, locals, params }) =>
		withFormError(async () => {
			const fields = await read(request);
			const open = await openAssessment(locals.db, params.token);
			// One tap for a group, without scripts: the page comes back with everything answered so far.
			if (isNoneGroup(fields.none)) return fail(400, { again: true, fields });
			const { reports, issues } = discomfortFromAnswers(fields);
			const isUnsaid = reports.length === 0 && fields.nothing !== 'yes';
			const found = [...redFlagIssues(fields), ...issues];
			if (found.length > 0 || isUnsaid) return fail(400, { issues: found, isUnsaid, fields });
			const signs = redFlagsOf(fields);
			await answerCheckIn(
				locals.db,
				open,
				{
					signs,
					discomfort: reports,
					undone: undoneOf(fields),
					news: NEWS_KINDS.filter((news) => fields[`news.${news}`] === 'yes')
				},
				locals.now
			);
			redirect(303, `/c/${params.token}/${signs.some(isEmergency) ? 'stop' : 'check-in?sent'}`);
		})
};
