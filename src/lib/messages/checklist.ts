import { checklistEn, type ChecklistTexts } from './en/checklist';
import { packed } from './language-packs';

/** The checklist's words in a language; English where there are none. A file of its own, so that pages that ask nothing do not carry them. */
export function checklistTextsFor(locale: string): ChecklistTexts {
	return packed('checklist', locale) ?? checklistEn;
}

export type { ChecklistTexts } from './en/checklist';
export type { ItemTexts } from './en/questions';
