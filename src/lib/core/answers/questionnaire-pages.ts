/** Pages of the self-assessment: what comes first, where it hurts, the person, the walk from the floor up, the house. */
export const QUESTIONNAIRE_PAGES = [
	'first',
	'discomfort',
	'you',
	'spot',
	'feet',
	'back',
	'hands',
	'mouse',
	'screen',
	'light',
	'safety',
	'second',
	'house'
] as const;

/** One page; see {@link QUESTIONNAIRE_PAGES}. */
export type QuestionnairePage = (typeof QUESTIONNAIRE_PAGES)[number];
