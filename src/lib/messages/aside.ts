import { asideTexts } from './en/aside';
import { packed } from './language-packs';
import type { AsideTexts } from './shapes';

/** Those texts in a language; English where there are none. A file of their own, so that the questionnaire and the plan do not carry them. */
export function asideTextsFor(locale: string): AsideTexts {
	return packed('aside', locale) ?? asideTexts;
}
