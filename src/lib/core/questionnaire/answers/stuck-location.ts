import { RED_FLAG_GROUP_NAMES } from './red-flag-answers';
import { ANSWER_FIELDS } from './answer-fields';
import { OWN_CHECKLIST_FIELD_PATTERN } from './checklist-fields';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';

/** Where someone is stuck in the self-assessment: a page, and the question if they named one. */
export interface StuckLocation {
	readonly page: QuestionnairePage | 'plan';
	/** The question's field, or a plan step; empty for the whole page. */
	readonly question: string;
}

/** Questions that fill several fields. */
const WHOLE: readonly string[] = [
	...RED_FLAG_GROUP_NAMES.map((group) => `signs.${group}`),
	'discomfort',
	'house'
];

const OWN = new RegExp(OWN_CHECKLIST_FIELD_PATTERN);

const isQuestion = (name: string) => ANSWER_FIELDS.has(name) || WHOLE.includes(name) || OWN.test(name);

/** Reads a location such as `hands.sittingElbow` from a URL parameter; null where it names none. */
export function parseStuckLocation(text: string | null): StuckLocation | null {
	const [, name = '', question = ''] = /^([a-z]+)(?:\.(.*))?$/s.exec(text ?? '') ?? [];
	const page = name === 'plan' ? 'plan' : QUESTIONNAIRE_PAGES.find((one) => one === name);
	if (!page) return null;
	return { page, question: isQuestion(question) ? question : '' };
}
