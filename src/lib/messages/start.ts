import { startTexts } from './en/questionnaire/start';
import { packed } from './language-packs';
import type { StartTexts } from './shapes';

/** The start page's texts in a language, or in English. In a separate file, as that page alone has them, and needs no scripts. */
export function startTextsFor(locale: string): StartTexts {
	return packed('start', locale) ?? startTexts;
}
