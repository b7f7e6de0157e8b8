import { sittingStyles } from './en/sitting-styles';

/** Texts of the page of sitting styles. */
export type SittingStyleTexts = typeof sittingStyles;

/** The texts by language: a file of their own, so that the walk and the plan do not carry them. */
const SITTING_STYLE_TEXTS: Readonly<Record<string, SittingStyleTexts>> = { en: sittingStyles };

/** The texts of sitting styles in a language; English where there are none. */
export function sittingStyleTextsFor(locale: string): SittingStyleTexts {
	return SITTING_STYLE_TEXTS[locale] ?? sittingStyles;
}
