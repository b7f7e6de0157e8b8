import { sittingStyleTexts } from './en/plan/sitting-styles';
import { packed } from './language-packs';
import type { SittingStyleTexts } from './shapes';

/** The texts of sitting styles in a language; English where there are none. A file of its own, so that the questionnaire and the plan do not carry them. */
export function sittingStyleTextsFor(locale: string): SittingStyleTexts {
	return packed('sittingStyles', locale) ?? sittingStyleTexts;
}
