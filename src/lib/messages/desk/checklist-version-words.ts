import { ownChecklistNumber } from '$lib/core/questionnaire/checklist/own-checklist';
import { deskWords } from './index';

/** The number of a checklist version, as people read it: an organisation's own are counted by themselves. */
export function checklistVersionWords(version: number): string {
	const own = ownChecklistNumber(version);
	return own === null ? String(version) : deskWords.checklistEditor.ownNumber(own);
}
