import { emailTexts as english } from './en/letters';
import { languageOf, type Language } from './languages';

/** Texts of letters. */
export type LetterTexts = typeof english;

/** The texts by language: a file of their own, since no page has them. */
const EMAIL_TEXTS: Readonly<Record<Language, LetterTexts>> = { en: english };

/** The texts of letters in a language; English where there are none. */
export function letterTextsFor(locale = 'en'): LetterTexts {
	return EMAIL_TEXTS[languageOf(locale)];
}

/** A letter's words. */
interface LetterWords {
	readonly subject: string;
	readonly body: string;
}

/** The letter that brings a self-assessment. It holds no health data. */
export function invitationLetter({ name, locale = 'en' }: { name: string; locale?: string }): LetterWords {
	const letter = letterTextsFor(locale);
	return { subject: letter.subject, body: letter.body(name, null) };
}

/** Asks how a plan holds, some weeks after it was carried out. */
export function checkInLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.checkInSubject, body: letter.checkInBody(name) };
}

/** Reminds of a check-in that is not answered yet. */
export function checkInReminderLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.checkInReminderSubject, body: letter.checkInReminderBody(name) };
}

/** Reminds, once, of a plan that was not begun. */
export function planReminderLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.planSubject, body: letter.planBody(name) };
}

/** Brings the next full look, with the answers of the last one put in. */
export function recheckLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.recheckSubject, body: letter.recheckBody(name) };
}

/** Reminds of a full look that is not answered yet. */
export function recheckReminderLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.reminderSubject(letter.recheckSubject), body: letter.reminderBody(name) };
}

/** A letter that says that there is a message. No word of the message is in it. */
export function messageLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.messageSubject, body: letter.messageBody(name) };
}

/** Says that something that was asked for has moved on. What it is stands behind the link alone. */
export function equipmentLetter({ name }: { name: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.equipmentSubject, body: letter.equipmentBody(name) };
}

/** What a clinician is written to about. */
export type ClinicianNews = 'asked' | 'answered' | 'ended';

/** Tells a clinician that a referral, or an answer to what they asked back, waits for them, or waits no more. It names nobody. */
export function clinicianLetter({ name, kind }: { name: string; kind: ClinicianNews }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.clinicianSubject[kind], body: letter.clinicianBody[kind](name) };
}

/** Reminds of a self-assessment that is not answered yet. */
export function reminderLetter(input: { name: string; subject: string }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.reminderSubject(input.subject), body: letter.reminderBody(input.name) };
}

/** Lets a user choose a password: the first one, or another. */
export function accountLetter(input: { name: string; kind: 'invitation' | 'reset' }): LetterWords {
	const letter = letterTextsFor();
	return { subject: letter.accountSubject[input.kind], body: letter.accountBody[input.kind](input.name) };
}

/** What happened to an account, told to its owner. */
export type AccountNotice = keyof ReturnType<typeof letterTextsFor>['noticeSubject'];

/** Tells the owner of an account what happened to it. */
export function accountNotice(input: { name: string; kind: AccountNotice }): LetterWords {
	const letter = letterTextsFor();
	return {
		subject: letter.noticeSubject[input.kind],
		body: letter.noticeBody[input.kind](input.name)
	};
}

/** Fields that the texts of a round may hold, with what stands for each. */
export const ROUND_FIELDS = ['{name}', '{until}'] as const;

/** Fills the fields of a round's text, in one pass: what stands for a field is not read again. What is no field stays as it was typed. */
export function filledText(text: string, fields: { name: string; until: string }): string {
	return text.replace(/\{(name|until)\}/g, (_, field: 'name' | 'until') => fields[field]);
}
