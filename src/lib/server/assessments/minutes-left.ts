import { minutesLeft, questionnaireModeOf, questionnaireOf } from '../../core/questionnaire';
import { isPrefilled } from '../../core/answers';
import type { schema } from '../db/client';

/** Whole minutes left of a self-assessment; null where its person has entered nothing yet. */
export function minutesLeftOf(assessment: typeof schema.assessments.$inferSelect): number | null {
	const { answers } = assessment;
	if (assessment.consentedAt === null || Object.keys(answers).length === 0 || isPrefilled(answers))
		return null;
	const { open } = questionnaireOf(answers, assessment, questionnaireModeOf(answers, assessment.route));
	return Math.max(1, minutesLeft(open));
}
