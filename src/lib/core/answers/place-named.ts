import { SIGN_GROUP_NAMES } from './sign-answers';
import { ANSWER_FIELDS } from './answer-fields';
import { PAGES, type Page } from './pages';

/** A place of the self-assessment that somebody is stuck at: a page, and the question where one was meant. */
export interface StuckAt {
	readonly page: Page | 'plan';
	/** The field that is asked, or a step of the plan; empty for the whole page. */
	readonly question: string;
}

/** Names of whole questions that fill several fields. */
const WHOLE: readonly string[] = [
	...SIGN_GROUP_NAMES.map((group) => `signs.${group}`),
	'discomfort',
	'house'
];

/** Reads a place from an address, `hands.sittingElbow`; null where it names none. */
export function stuckAt(text: string | null): StuckAt | null {
	const [, name = '', question = ''] = /^([a-z]+)(?:\.(.*))?$/s.exec(text ?? '') ?? [];
	const page = name === 'plan' ? 'plan' : PAGES.find((one) => one === name);
	if (!page) return null;
	return { page, question: ANSWER_FIELDS.has(question) || WHOLE.includes(question) ? question : '' };
}
