import { messagesFor } from '../index';
import type { Catalogue } from '../shapes';
import { loadLanguage } from '../language-packs';
import { deskLocale, type DeskLanguage } from '../desk-language';
import { deskTexts as english } from './en/index';
import type { DeskTexts } from './shapes';

const loaded: Partial<Record<DeskLanguage, DeskTexts>> = { en: english };

/** The file of each translation. For a new language, the type checker asks for it here. */
const LOADERS: Readonly<
	Record<Exclude<DeskLanguage, 'en'>, () => Promise<{ readonly deskTexts: DeskTexts }>>
> = {
	de: () => import('./de/index')
};

/** Loads a language's texts, and the employees' catalogue, which the desk quotes. Await this before using either. */
export async function loadDeskLanguage(language: DeskLanguage): Promise<void> {
	if (language === 'en' || loaded[language]) return;
	const [{ deskTexts }] = await Promise.all([LOADERS[language](), loadLanguage(language)]);
	loaded[language] = deskTexts;
}

/** The texts of a language that was loaded; English before. */
export const deskTextsIn = (language: DeskLanguage): DeskTexts => loaded[language] ?? english;

const current = (): DeskTexts => deskTextsIn(deskLocale());

/**
 * Texts of the desk by subject, in the language of the reader. They are looked up when they are read: a constant of a module would keep
 * the language of its first reader. Separate from the employees' catalogue, so that their pages load none of it.
 */
export const deskWords: DeskTexts = {
	get accounts() {
		return current().accounts;
	},
	get cases() {
		return current().cases;
	},
	get checklistEditor() {
		return current().checklistEditor;
	},
	get columns() {
		return current().columns;
	},
	get contacts() {
		return current().contacts;
	},
	get crisisLines() {
		return current().crisisLines;
	},
	get daySheet() {
		return current().daySheet;
	},
	get effect() {
		return current().effect;
	},
	get equipment() {
		return current().equipment;
	},
	get followUps() {
		return current().followUps;
	},
	get frame() {
		return current().frame;
	},
	get keeping() {
		return current().keeping;
	},
	get leftOut() {
		return current().leftOut;
	},
	get letter() {
		return current().letter;
	},
	get inspection() {
		return current().inspection;
	},
	get ownTexts() {
		return current().ownTexts;
	},
	get settings() {
		return current().settings;
	},
	get directory() {
		return current().directory;
	},
	get merge() {
		return current().merge;
	},
	get sharedSession() {
		return current().sharedSession;
	},
	get practice() {
		return current().practice;
	},
	get phoneWalk() {
		return current().phoneWalk;
	},
	get policy() {
		return current().policy;
	},
	get organisation() {
		return current().organisation;
	},
	get people() {
		return current().people;
	},
	get referrals() {
		return current().referrals;
	},
	get replies() {
		return current().replies;
	},
	get report() {
		return current().report;
	},
	get requests() {
		return current().requests;
	},
	get roster() {
		return current().roster;
	},
	get rounds() {
		return current().rounds;
	},
	get sheet() {
		return current().sheet;
	},
	get states() {
		return current().states;
	},
	get timeline() {
		return current().timeline;
	},
	get triage() {
		return current().triage;
	},
	get versions() {
		return current().versions;
	},
	get waitingEmails() {
		return current().waitingEmails;
	},
	get workforce() {
		return current().workforce;
	}
};

/** The employees' catalogue in the desk reader's language, for texts that the desk quotes. */
export const deskCatalogue = (): Catalogue => messagesFor(deskLocale());
