import { redirect } from '@sveltejs/kit';
import type { EmployeeCover } from '$lib/core/platform/cover';
import { wordsOnlyIn } from '$lib/core/questionnaire/checklist/own-checklist';
import { isUrgent, type UrgentRedFlag } from '$lib/core/cases/discomfort/red-flags';
import { householdOffer } from '$lib/core/platform/organisation-settings/household-items';
import { languageOf } from '$lib/messages/languages';
import { emergencyNumber } from '$lib/core/cases/emergency/emergency-number';
import { readByPhone } from '$lib/server/questionnaire/assessments/read-by-phone';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { readCover } from '$lib/server/platform/cover/cover-settings';
import { crisisLineOf } from '$lib/server/cases/warning-signs/crisis-lines';
import { readSettings } from '$lib/server/platform/organisation-settings/read-settings';
import { areSignsReviewed } from '$lib/server/platform/organisation/language-reviews';
import { clearancesOf } from '$lib/server/cases/warning-signs/clear-emergency';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, params, request, route, untrack }) =>
	withErrorPage(async () => {
		// Someone who has left may still withdraw what they gave, and write.
		const evenIfLeft = untrack(() => /\/(?:withdraw|messages)$/.test(route.id));
		const { assessment, personName, country, language, actor, ownChecklist } = await openAssessment(
			locals.db,
			params.token,
			{
				evenIfLeft
			}
		);
		const [assessmentResult, crisisLine, { minutes, outOfHours }, lifts, areSignsChecked, items] =
			await Promise.all([
				newestAssessmentResult(locals.db, actor.personId),
				crisisLineOf(locals.db, country),
				readCover(locals.db),
				clearancesOf(locals.db, actor.personId),
				areSignsReviewed(locals.db, language),
				readSettings(locals.db, 'household-items')
			]);
		const reasons = assessmentResult?.reasons ?? [];
		const hasConsent = assessment.consentedAt !== null;
		// Checked once, on entry: moving between pages asks the server nothing, so that it works offline.
		if (!hasConsent && untrack(() => route.id).endsWith('[page=page]')) redirect(303, `/c/${params.token}`);
		return {
			token: params.token,
			locale: language,
			/** Whether the warning-sign texts were reviewed in this language: if not, the English is shown too. */
			areSignsChecked,
			personName,
			way: assessment.sittingStyle,
			checklistVersion: assessment.checklistVersion,
			/** What the organisation has made of the checklist; null where it is as the software comes. */
			ownChecklist: ownChecklist && wordsOnlyIn(ownChecklist, languageOf(language)),
			/** Household items to list, as the organisation offers them. */
			household: householdOffer(items.settings, languageOf(language)),
			questionnaireMode: assessment.questionnaireMode,
			emergencyNumber: emergencyNumber(country),
			crisisLine,
			cover: { minutes, outOfHours } satisfies EmployeeCover,
			/** Shown on every page until its outcome: what needs a doctor today. */
			urgent: {
				signs: reasons.flatMap(({ sign }): UrgentRedFlag[] => (sign && isUrgent(sign) ? [sign] : [])),
				isWeak: reasons.some(({ code }) => code === 'reported-weakness')
			},
			/** Tells a stopped device whether the server has answered since. */
			servedAt: Number(locals.now),
			lifts,
			answers: assessment.answers,
			revision: assessment.answersRevision,
			savedAt: assessment.savedAt,
			hasConsent,
			// Only the initial size of drawings depends on it.
			isPhone: /\bMobi/.test(request.headers.get('user-agent') ?? ''),
			isAnswered: assessment.answeredAt !== null,
			/** Who asks the questions on the phone, and the way back for them; null where the person answers alone. */
			byPhone: await readByPhone(locals.db, assessment, locals.user)
		};
	});
