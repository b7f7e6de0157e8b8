export { practiceCases, PRACTICE_SIZE, type PracticeCase } from './practice-cases';
export {
	ACT_OF_LEVEL,
	orderByRules,
	PRACTICE_ACTS,
	scorePractice,
	type AnsweredCase,
	type PracticeAct,
	type PracticeAnswer,
	type PracticeScore
} from './score-practice';
