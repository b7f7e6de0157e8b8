import type { SittingStyle } from '../../workstation/corner/vocabulary';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import type { Answers } from './fields';
import type { QuestionnairePage } from './questionnaire-pages';
import { pageOfField } from './page-of-field';
import type { FieldIssue } from './read-length-field';
import { redFlagIssues } from './red-flag-answers';

/** Every answer that is missing or unreadable, in page order. */
export function answerIssues(answers: Answers, way: SittingStyle): FieldIssue[] {
	return [
		...redFlagIssues(answers),
		...cornerFromAnswers(answers, way).issues,
		...discomfortFromAnswers(answers).issues
	];
}

/** Missing or unreadable answers on one page. */
export function pageIssues(page: QuestionnairePage, answers: Answers, way: SittingStyle): FieldIssue[] {
	return answerIssues(answers, way).filter((issue) => pageOfField(issue.field) === page);
}
