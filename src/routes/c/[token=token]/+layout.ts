import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { loadLanguage } from '$lib/messages/language-packs';
import type { LayoutLoad } from './$types';

/**
 * Loads the texts of the person's language before anything is rendered; a device fetches them once, and reads them from its cache offline.
 */
export const load: LayoutLoad = async ({ data }) => {
	await loadLanguage(data.locale);
	return { ...data, checklist: checklistFrom(data.checklistVersion, data.ownChecklist) };
};
