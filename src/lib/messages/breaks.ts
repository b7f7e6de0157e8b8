import { breakTexts } from './en/breaks/breaks';
import { packed } from './language-packs';
import type { BreakTexts } from './shapes';

export type { BreakTexts } from './shapes';

/**
 * The texts about breaks in a language; English where there are none. A file of their own, so that the self-assessment and the plan don't
 * load them.
 */
export function breakTextsFor(locale: string): BreakTexts {
	return packed('breaks', locale) ?? breakTexts;
}
