import { PAGES, type Answers, type Page } from '../answers';
import { isAnswered, questionsOf, type Asking } from './question';
import { secondsOf } from './seconds';

/** What was not asked at one station, and how long a closer look takes. */
export interface Closer {
	readonly page: Page;
	readonly questions: number;
	readonly minutes: number;
}

/** What was not asked or not answered, by station in the order of the walk: what is worth a closer look after the plan. */
export function closerOf(answers: Answers, asking: Asking): Closer[] {
	const open = questionsOf(answers, asking).filter((question) => !isAnswered(question, answers));
	return PAGES.flatMap((page): Closer[] => {
		const here = open.filter((question) => question.page === page);
		if (here.length === 0) return [];
		const seconds = here.reduce((sum, question) => sum + secondsOf(question), 0);
		return [{ page, questions: here.length, minutes: Math.ceil(seconds / 60) }];
	});
}
