import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage } from '$lib/server/http/answer-fault';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { assessment, personName } = await openAssessment(locals.db, params.token, locals.now);
		return {
			token: params.token,
			locale: 'en',
			personName,
			way: assessment.way,
			answers: assessment.answers,
			savedAt: assessment.savedAt,
			hasConsent: assessment.consentedAt !== null,
			isAnswered: assessment.answeredAt !== null
		};
	});
