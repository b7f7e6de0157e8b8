import { walkthroughTexts } from './en/questionnaire/walkthrough';
import { packed } from './language-packs';
import type { WalkthroughTexts } from './shapes';

export type { WalkthroughTexts } from './shapes';

/** The texts of walkthroughs in a language; English where there are none. A file of their own, for the pages that show them. */
export function walkthroughTextsFor(locale: string): WalkthroughTexts {
	return packed('walkthrough', locale) ?? walkthroughTexts;
}
