import { measuringPageTexts } from './en/body/measuring-page';
import { packed } from './language-packs';
import type { MeasuringPageTexts } from './shapes';

/** The texts of the page about measuring in a language; English where there are none. A file of their own, so that the questions do not carry them. */
export function measuringPageTextsFor(locale: string): MeasuringPageTexts {
	return packed('measuringPage', locale) ?? measuringPageTexts;
}
