import { breakTexts } from './en/breaks';
import { packed } from './language-packs';
import type { BreakTexts } from './shapes';

export type { BreakTexts } from './shapes';

/** The texts of breaks in a language; English where there are none. A file of its own, so that the questionnaire and the plan do not carry them. */
export function breakTextsFor(locale: string): BreakTexts {
	return packed('breaks', locale) ?? breakTexts;
}
