import { asideTexts } from './en/aside';
import { packed } from './language-packs';

/** Texts of the check-in and of what few people open: withdrawal, reminders, and a page without network. */
export type AsideTexts = typeof asideTexts;

/** Those texts in a language; English where there are none. A file of their own, so that the questionnaire and the plan do not carry them. */
export function asideTextsFor(locale: string): AsideTexts {
	return packed('aside', locale) ?? asideTexts;
}
