import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './answers/questionnaire-pages';
import type { Answers } from './answers/fields';
import { isAnswered, questionsOf, type QuestionnaireContext } from './question';
import { answerSeconds } from './answer-time';

/** What was not asked at a station, and how long a closer look takes. */
export interface SkippedQuestions {
	readonly page: QuestionnairePage;
	readonly questions: number;
	readonly minutes: number;
}

/** What was not asked or not answered, by station in page order: worth a closer look after the plan. */
export function skippedQuestionsOf(answers: Answers, asking: QuestionnaireContext): SkippedQuestions[] {
	const open = questionsOf(answers, asking).filter((question) => !isAnswered(question, answers));
	return QUESTIONNAIRE_PAGES.flatMap((page): SkippedQuestions[] => {
		const here = open.filter((question) => question.page === page);
		if (here.length === 0) return [];
		const seconds = here.reduce((sum, question) => sum + answerSeconds(question), 0);
		return [{ page, questions: here.length, minutes: Math.ceil(seconds / 60) }];
	});
}
