import { checklistEn } from './en/checklist';
import { packed } from './language-packs';
import type { ChecklistTexts } from './shapes';

/**
 * The checklist's texts in a language; English where there are none. A file of their own, so that pages without questions don't load them.
 */
export function checklistTextsFor(locale: string): ChecklistTexts {
	return packed('checklist', locale) ?? checklistEn;
}

export type { ChecklistTexts } from './shapes';
export type { ItemTexts } from './en/questions';
