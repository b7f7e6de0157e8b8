import { LANGUAGES } from '$lib/messages/languages';
import { loadLanguage } from '$lib/messages/language-packs';
import type { PageLoad } from './$types';

/** Loads every language's texts: this page says the same in each. */
export const load: PageLoad = async () => {
	await Promise.all(LANGUAGES.map(loadLanguage));
};
