import { photoTexts } from './en/body/photo';
import { packed } from './language-packs';
import type { PhotoTexts } from './shapes';

export type { PhotoTexts } from './shapes';

/** The texts of the side photo in a language; English where there are none. A file of their own, for the page that shows them. */
export function photoTextsFor(locale: string): PhotoTexts {
	return packed('photo', locale) ?? photoTexts;
}
