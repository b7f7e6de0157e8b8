/** Pages of the self-assessment, in order: what comes first, discomfort, the person, the workstation from the floor up, the household. */
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
