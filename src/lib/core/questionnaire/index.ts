export { isAnswered, questionsOf, type QuestionnaireContext, type Question } from './question';
export { openQuestions, selectQuestions, questionnaireModeOf, type QuestionValue } from './select-questions';
export { skippedQuestionsOf, type SkippedQuestions } from './skipped-questions';
export { PROMISED_MINUTES } from './promise';
export { isTypedLength, answerSeconds, questionnaireSeconds } from './answer-time';
export type { PossibleChange, InformationValue } from './information-value';
export {
	isFieldOfQuestion,
	minutesLeft,
	pageAfter,
	pageBefore,
	questionAfter,
	questionBefore,
	questionnaireOf,
	type Questionnaire
} from './questionnaire';
