import { moving } from './en/moving';

/** Texts of the day's breaks and of the break page. */
export type MovingTexts = typeof moving;

/** The texts by language: a file of their own, so that the walk and the plan do not carry them. */
const MOVING_TEXTS: Readonly<Record<string, MovingTexts>> = { en: moving };

/** The texts of breaks in a language; English where there are none. */
export function movingTextsFor(locale: string): MovingTexts {
	return MOVING_TEXTS[locale] ?? moving;
}
