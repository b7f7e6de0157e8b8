import { redirect } from '@sveltejs/kit';
import { openAssessment } from '../questionnaire/assessments/open-assessment';
import type { Db } from '../platform/db/client';
import { withErrorPage } from '../platform/http/error-responses';
import { readBreaksPage } from './read-breaks-page';

/** Loads the data of both break pages; sends people who have not begun to the start page first. */
export const loadBreaksPage = ({
	locals,
	params
}: {
	locals: { db: Db; now: Date };
	params: { token: string };
}) =>
	withErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		if (open.assessment.consentedAt === null) redirect(303, `/c/${params.token}`);
		return readBreaksPage(locals.db, open, locals.now);
	});
