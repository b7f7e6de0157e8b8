import { trialTexts } from './en/plan/trial';
import { packed } from './language-packs';
import type { TrialTexts } from './shapes';

/** The texts of day trials in a language; English where there are none. A file of their own, for the plan's page. */
export function trialTextsFor(locale: string): TrialTexts {
	return packed('trial', locale) ?? trialTexts;
}
