import { asideTexts } from './en/platform/aside';
import { packed } from './language-packs';
import type { AsideTexts } from './shapes';

/**
 * These texts in a language; English where there are none. A file of their own, so that the self-assessment and the plan don't load them.
 */
export function asideTextsFor(locale: string): AsideTexts {
	return packed('aside', locale) ?? asideTexts;
}
