import { checklistEn, type ChecklistTexts } from './en/checklist';

/** The checklist's words by language: a file of their own, so that pages that ask nothing do not carry them. */
const CHECKLIST_TEXTS: Readonly<Record<string, ChecklistTexts>> = { en: checklistEn };

/** The checklist's words in a language; English where there are none. */
export function checklistTextsFor(locale: string): ChecklistTexts {
	return CHECKLIST_TEXTS[locale] ?? checklistEn;
}

export type { ChecklistTexts } from './en/checklist';
export type { ItemTexts } from './en/questions';
