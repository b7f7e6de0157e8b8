import { sittingStyleTexts } from './en/sitting-styles';
import { languageOf, type Language } from './languages';

/** Texts of the page of sitting styles. */
export type SittingStyleTexts = typeof sittingStyleTexts;

/** The texts by language: a file of their own, so that the walk and the plan do not carry them. */
const SITTING_STYLE_TEXTS: Readonly<Record<Language, SittingStyleTexts>> = { en: sittingStyleTexts };

/** The texts of sitting styles in a language; English where there are none. */
export function sittingStyleTextsFor(locale: string): SittingStyleTexts {
	return SITTING_STYLE_TEXTS[languageOf(locale)];
}
