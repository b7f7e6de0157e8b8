import { LANGUAGES } from '$lib/messages/languages';
import { loadLanguage } from '$lib/messages/language-packs';
import type { PageLoad } from './$types';

/** Works without scripts: the service worker shows it in place of a page that only the server has. */
export const csr = false;

/** Loads every language's texts: this page says the same in each. */
export const load: PageLoad = async () => {
	await Promise.all(LANGUAGES.map(loadLanguage));
};
