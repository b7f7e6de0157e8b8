import { sittingStyleTexts } from './en/sitting-styles';
import { packed } from './language-packs';

/** Texts of the page of sitting styles. */
export type SittingStyleTexts = typeof sittingStyleTexts;

/** The texts of sitting styles in a language; English where there are none. A file of its own, so that the questionnaire and the plan do not carry them. */
export function sittingStyleTextsFor(locale: string): SittingStyleTexts {
	return packed('sittingStyles', locale) ?? sittingStyleTexts;
}
