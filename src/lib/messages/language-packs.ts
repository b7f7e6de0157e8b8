import { languageOf, type Language } from './languages';
import type { LanguagePack } from './shapes';

/** A language loaded as a separate pack, only for people who read it. */
type PackedLanguage = Exclude<Language, 'en'>;

/** The file of each pack. For a new language, the type checker asks for it here. */
const LOADERS: Readonly<Record<PackedLanguage, () => Promise<{ readonly pack: LanguagePack }>>> = {
	de: () => import('./de/index'),
	fr: () => import('./fr/index'),
	es: () => import('./es/index')
};

const loaded = new Map<Language, LanguagePack>();

/** Loads the texts of a language, once. To be awaited before anything is said in it. */
export async function loadLanguage(locale: string): Promise<void> {
	const language = languageOf(locale);
	if (language === 'en' || loaded.has(language)) return;
	loaded.set(language, (await LOADERS[language]()).pack);
}

/** Part of a loaded language's texts; undefined in English, which has its parts where they are used, and before it is loaded. */
export function packed<K extends keyof LanguagePack>(part: K, locale: string): LanguagePack[K] | undefined {
	return loaded.get(languageOf(locale))?.[part];
}
