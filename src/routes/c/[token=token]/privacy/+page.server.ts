import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { readPrivacyLines } from '$lib/server/questionnaire/privacy/read-privacy-lines';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { language } = await openAssessment(locals.db, params.token);
		return { privacy: (await readPrivacyLines(locals.db, language)).full };
	});
