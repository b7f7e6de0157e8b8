import {
	QUESTIONNAIRE_PAGES,
	RED_FLAG_GROUPS,
	redFlagField,
	type Answers,
	type QuestionnairePage,
	type QuestionnaireMode
} from '../answers';
import { isAnswered, questionsOf, type QuestionnaireContext, type Question } from './question';
import { openQuestions } from './select-questions';
import { answerSeconds } from './answer-time';

/** A walk as it stands: what is on it in its order, and what of that is still open. */
export interface Questionnaire {
	/** All that these answers ask, worth it or not. */
	readonly questions: readonly Question[];
	/** What has been answered and what is worth asking. */
	readonly steps: readonly Question[];
	readonly open: readonly Question[];
}

/**
 * The walk of some answers.
 *
 * @param only the pages that are walked; all if left out
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

/** Where a question stands among those of the walk; before all where it is not among them any more. */
function placeOf(all: readonly Question[], at: string | null): number {
	return at === null ? -1 : all.findIndex(({ id }) => id === at);
}

/**
 * The open question that comes after one; null where there is none.
 *
 * @param at null for the first of all
 * @param reviewed a page that is looked through, answered or not, before the walk goes on at what is open
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

/** The question before one, answered or not; null at the first. */
export function questionBefore({ steps }: Questionnaire, at: string): Question | null {
	return steps[placeOf(steps, at) - 1] ?? null;
}

/** The page after one on which something is open; null where there is none. */
export function pageAfter({ open }: Questionnaire, page: QuestionnairePage): QuestionnairePage | null {
	return (
		open.find((question) => QUESTIONNAIRE_PAGES.indexOf(question.page) > QUESTIONNAIRE_PAGES.indexOf(page))
			?.page ?? null
	);
}

/** The page before one on which anything is asked; null at the first. */
export function pageBefore({ steps }: Questionnaire, page: QuestionnairePage): QuestionnairePage | null {
	return (
		steps.findLast(
			(question) => QUESTIONNAIRE_PAGES.indexOf(question.page) < QUESTIONNAIRE_PAGES.indexOf(page)
		)?.page ?? null
	);
}

/** Whole minutes that the open questions take, at least 1 while there are any. */
export function minutesLeft(open: readonly Question[]): number {
	return Math.ceil(open.reduce((sum, question) => sum + answerSeconds(question), 0) / 60);
}

/** Whether a field is filled by a question. */
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
