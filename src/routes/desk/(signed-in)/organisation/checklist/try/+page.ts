import { loadLanguage } from '$lib/messages/language-packs';
import type { PageLoad } from './$types';

/** Loads the texts of the language that the checklist is tried in. */
export const load: PageLoad = async ({ data }) => {
	await loadLanguage(data.language);
	return data;
};
