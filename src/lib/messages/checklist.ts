import { checklistEn, type ChecklistTexts } from './en/checklist';
import { languageOf, type Language } from './languages';

/** The checklist's words by language: a file of their own, so that pages that ask nothing do not carry them. */
const CHECKLIST_TEXTS: Readonly<Record<Language, ChecklistTexts>> = { en: checklistEn };

/** The checklist's words in a language; English where there are none. */
export function checklistTextsFor(locale: string): ChecklistTexts {
	return CHECKLIST_TEXTS[languageOf(locale)];
}

export type { ChecklistTexts } from './en/checklist';
export type { ItemTexts } from './en/questions';
