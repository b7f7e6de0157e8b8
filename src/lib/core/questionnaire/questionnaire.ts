import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './answers/questionnaire-pages';
import { RED_FLAG_GROUPS } from './answers/red-flag-answers';
import { redFlagField } from './answers/checklist-fields';
import type { Answers, QuestionnaireMode } from './answers/fields';
import { isAnswered, questionsOf, type QuestionnaireContext, type Question } from './question';
import { openQuestions } from './select-questions';
import { answerSeconds } from './answer-time';

/** The state of a self-assessment: its questions in order, and which are still open. */
export interface Questionnaire {
	/** All questions these answers lead to, worth asking or not. */
	readonly questions: readonly Question[];
	/** Questions answered or worth asking. */
	readonly steps: readonly Question[];
	readonly open: readonly Question[];
}

/**
 * The self-assessment for some answers.
 * @param only the pages to go through; all if left out
 */
export function questionnaireOf(
	answers: Answers,
	asking: QuestionnaireContext,
	route: QuestionnaireMode,
	only: readonly QuestionnairePage[] = QUESTIONNAIRE_PAGES
): Questionnaire {
	const isOn = ({ page }: Question) => only.includes(page);
	const questions = questionsOf(answers, asking);
	const open = openQuestions(answers, asking, route, questions).filter(isOn);
	const isOpen = new Set(open.map(({ id }) => id));
	const steps = questions
		.filter(isOn)
		.filter((question) => isOpen.has(question.id) || isAnswered(question, answers));
	return { questions, steps, open };
}

/** The position of a question among those of the self-assessment; before all where it is no longer among them. */
function placeOf(all: readonly Question[], at: string | null): number {
	return at === null ? -1 : all.findIndex(({ id }) => id === at);
}

/**
 * The next open question after one; null where there is none.
 * @param at null for the first of all
 * @param reviewed a page to look through, answered or not, before going on to open questions
 */
export function questionAfter(
	{ steps, open }: Questionnaire,
	at: string | null,
	reviewed: QuestionnairePage | null = null
): Question | null {
	const here = placeOf(steps, at);
	const nextHere = steps[here + 1];
	if (nextHere && nextHere.page === reviewed) return nextHere;
	return open.find(({ id }) => placeOf(steps, id) > here) ?? null;
}

/** The question before one, answered or not; null for the first. */
export function questionBefore({ steps }: Questionnaire, at: string): Question | null {
	return steps[placeOf(steps, at) - 1] ?? null;
}

/** The next page with an open question; null where there is none. */
export function pageAfter({ open }: Questionnaire, page: QuestionnairePage): QuestionnairePage | null {
	return (
		open.find((question) => QUESTIONNAIRE_PAGES.indexOf(question.page) > QUESTIONNAIRE_PAGES.indexOf(page))
			?.page ?? null
	);
}

/** The previous page with any question; null for the first. */
export function pageBefore({ steps }: Questionnaire, page: QuestionnairePage): QuestionnairePage | null {
	return (
		steps.findLast(
			(question) => QUESTIONNAIRE_PAGES.indexOf(question.page) < QUESTIONNAIRE_PAGES.indexOf(page)
		)?.page ?? null
	);
}

/** Whole minutes for the open questions, at least 1 while there are any. */
export function minutesLeft(open: readonly Question[]): number {
	return Math.ceil(open.reduce((sum, question) => sum + answerSeconds(question), 0) / 60);
}

/** Whether a question fills a field. */
export function isFieldOfQuestion(question: Question, field: string): boolean {
	switch (question.kind) {
		case 'signs': {
			return RED_FLAG_GROUPS[question.group].some((sign) => redFlagField(sign) === field);
		}
		case 'discomfort':
			return field === 'arms' || /^(?:pain|care)\./.test(field);
		case 'house':
			return field.startsWith('thing.');
		default:
			return question.id === field;
	}
}
