import { redirect } from '@sveltejs/kit';
import { isUrgent, type UrgentRedFlag } from '$lib/core/discomfort';
import { emergencyNumber } from '$lib/core/emergency';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { withErrorPage } from '$lib/server/http/error-responses';
import { newestAssessmentResult } from '$lib/server/case-assessments/newest-assessment-result';
import { crisisLineOf } from '$lib/server/warning-signs/crisis-lines';
import { areSignsReviewed } from '$lib/server/organisation/language-reviews';
import { clearancesOf } from '$lib/server/warning-signs/clear-emergency';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, params, request, route, untrack }) =>
	withErrorPage(async () => {
		// Who has left may still take back what they gave, and write.
		const evenIfLeft = untrack(() => /\/(?:withdraw|messages)$/.test(route.id));
		const { assessment, personName, country, language, actor } = await openAssessment(
			locals.db,
			params.token,
			{
				evenIfLeft
			}
		);
		const [judgement, crisisLine, lifts, areSignsChecked] = await Promise.all([
			newestAssessmentResult(locals.db, actor.personId),
			crisisLineOf(locals.db, country),
			clearancesOf(locals.db, actor.personId),
			areSignsReviewed(locals.db, language)
		]);
		const reasons = judgement?.reasons ?? [];
		const hasConsent = assessment.consentedAt !== null;
		// Asked once, at the door: moving between pages asks the server nothing, so that it works without network.
		if (!hasConsent && untrack(() => route.id).endsWith('[page=page]')) redirect(303, `/c/${params.token}`);
		return {
			token: params.token,
			locale: language,
			/** Whether what is said of warning signs was checked in this language: if not, the English stands beside it. */
			areSignsChecked,
			personName,
			way: assessment.way,
			checklistVersion: assessment.checklistVersion,
			route: assessment.route,
			emergencyNumber: emergencyNumber(country),
			crisisLine,
			/** Told on every page until its outcome: what is for a doctor today. */
			urgent: {
				signs: reasons.flatMap(({ sign }): UrgentRedFlag[] => (sign && isUrgent(sign) ? [sign] : [])),
				isWeak: reasons.some(({ code }) => code === 'reported-weakness')
			},
			/** By this a device that has stopped knows whether the server has said more since. */
			servedAt: Number(locals.now),
			lifts,
			answers: assessment.answers,
			revision: assessment.answersRevision,
			savedAt: assessment.savedAt,
			hasConsent,
			// Only how large drawings come at first hangs on it.
			isPhone: /\bMobi/.test(request.headers.get('user-agent') ?? ''),
			isAnswered: assessment.answeredAt !== null
		};
	});
