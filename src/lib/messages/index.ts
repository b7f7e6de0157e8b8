import { en } from './en/index';

/** The shape that every language's catalogue has; the compiler holds a new one to it. */
export type Catalogue = typeof en;

/** The catalogues by language. */
const CATALOGUES: Readonly<Record<string, Catalogue>> = { en };

/** The texts in a language; English where there are none. */
export function messagesFor(locale: string): Catalogue {
	return CATALOGUES[locale] ?? en;
}
