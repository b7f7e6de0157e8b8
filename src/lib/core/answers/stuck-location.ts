import { RED_FLAG_GROUP_NAMES } from './red-flag-answers';
import { ANSWER_FIELDS } from './answer-fields';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';

/** A place of the self-assessment that someone is stuck at: a page, and the question where one was meant. */
export interface StuckLocation {
	readonly page: QuestionnairePage | 'plan';
	/** The field that is asked, or a step of the plan; empty for the whole page. */
	readonly question: string;
}

/** Names of whole questions that fill several fields. */
const WHOLE: readonly string[] = [
	...RED_FLAG_GROUP_NAMES.map((group) => `signs.${group}`),
	'discomfort',
	'house'
];

/** Reads a place from an address, `hands.sittingElbow`; null where it names none. */
export function parseStuckLocation(text: string | null): StuckLocation | null {
	const [, name = '', question = ''] = /^([a-z]+)(?:\.(.*))?$/s.exec(text ?? '') ?? [];
	const page = name === 'plan' ? 'plan' : QUESTIONNAIRE_PAGES.find((one) => one === name);
	if (!page) return null;
	return { page, question: ANSWER_FIELDS.has(question) || WHOLE.includes(question) ? question : '' };
}
