import { stopTexts } from './en/cases/stop';
import { packed } from './language-packs';
import type { StopTexts } from './shapes';

/** The stop page's texts in a language, or in English. In a separate file, so that other pages don't load them. */
export function stopTextsFor(locale: string): StopTexts {
	return packed('stop', locale) ?? stopTexts;
}
