import { minutesLeft, questionnaireOf } from '../../../core/questionnaire/questionnaire';
import { questionnaireModeOf } from '../../../core/questionnaire/select-questions';
import { isPrefilled } from '../../../core/questionnaire/answers/changed-parts';
import { checklistAt } from '../checklists/read-checklists';
import type { Db, schema } from '../../platform/db/client';

/** Whole minutes left of a self-assessment; null where its person has entered nothing yet. */
export async function minutesLeftOf(
	db: Db,
	assessment: typeof schema.assessments.$inferSelect
): Promise<number | null> {
	const { answers } = assessment;
	if (assessment.consentedAt === null || Object.keys(answers).length === 0 || isPrefilled(answers))
		return null;
	const { open } = questionnaireOf(
		answers,
		{ way: assessment.sittingStyle, checklist: await checklistAt(db, assessment.checklistVersion) },
		questionnaireModeOf(answers, assessment.questionnaireMode)
	);
	return Math.max(1, minutesLeft(open));
}
