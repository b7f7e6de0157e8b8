import type { Way } from '../corner';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import type { Answers } from './fields';
import type { Page } from './pages';
import { pageOfField } from './page-of-field';
import type { FieldIssue } from './read-length';
import { issuesOfSigns } from './sign-answers';

/** Everything that is missing or can't be read, in the order of the pages. */
export function issuesOf(answers: Answers, way: Way): FieldIssue[] {
	return [
		...issuesOfSigns(answers),
		...cornerFromAnswers(answers, way).issues,
		...discomfortFromAnswers(answers).issues
	];
}

/** What is missing or can't be read on one page. */
export function issuesOn(page: Page, answers: Answers, way: Way): FieldIssue[] {
	return issuesOf(answers, way).filter((issue) => pageOfField(issue.field) === page);
}
