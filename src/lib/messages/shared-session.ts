import { sharedSessionTexts } from './en/questionnaire/shared-session';
import { packed } from './language-packs';
import type { SharedSessionTexts } from './shapes';

export type { SharedSessionTexts } from './shapes';

/** The texts of walkthroughs in a language; English where there are none. A file of their own, for the pages that show them. */
export function sharedSessionTextsFor(locale: string): SharedSessionTexts {
	return packed('sharedSession', locale) ?? sharedSessionTexts;
}
