import { browser } from '$app/environment';
import { loadDeskLanguage } from '$lib/messages/desk';
import { findDeskReaderBy } from '$lib/messages/desk-language';
import type { LayoutLoad } from './$types';

/** Loads the texts of the reader's language before any page of the desk writes one. */
export const load: LayoutLoad = async ({ data }) => {
	const { deskReader } = data;
	if (browser) {
		await loadDeskLanguage(deskReader.language);
		// A browser has one reader; a server finds the reader of each request by itself.
		findDeskReaderBy(() => deskReader);
	}
	return data;
};
