import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import type { Db } from '$lib/server/platform/db/client';
import { linkPathToSend } from '$lib/server/platform/email/personal-link';

/** Opens what an email leads to, as its person does by the link in it. */
export async function openLetter(db: Db, email: { linkPath: string } | undefined): Promise<OpenAssessment> {
	const path = await linkPathToSend(db, email?.linkPath ?? '');
	return openAssessment(db, path?.split('/')[2] ?? '');
}
