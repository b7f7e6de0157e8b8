import { stopTexts } from './en/stop';
import { packed } from './language-packs';
import type { StopTexts } from './shapes';

/** The stop page's words in a language; English where there are none. A file of its own, so that pages on which nobody has stopped do not carry them. */
export function stopTextsFor(locale: string): StopTexts {
	return packed('stop', locale) ?? stopTexts;
}
