import { loadLanguage } from '$lib/messages/language-packs';
import type { LayoutLoad } from './$types';

/** Has the texts of the person's language before anything is said in it: on this device once, without network from what it keeps. */
export const load: LayoutLoad = async ({ data }) => {
	await loadLanguage(data.locale);
	return data;
};
