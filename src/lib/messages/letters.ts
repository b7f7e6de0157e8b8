import { messagesFor } from './index';

/** The letter that brings a self-assessment. It holds no health data. */
export function invitationLetter(input: { name: string; expiresAt: Date; locale?: string }): {
	subject: string;
	body: string;
} {
	const t = messagesFor(input.locale ?? 'en');
	const until = new Intl.DateTimeFormat(t.dateLocale, { dateStyle: 'long', timeZone: 'UTC' }).format(
		input.expiresAt
	);
	return { subject: t.letter.subject, body: t.letter.body(input.name, until) };
}

/** A letter that says that there is a message. No word of the message is in it. */
export function messageLetter({ name }: { name: string }): { subject: string; body: string } {
	const { letter } = messagesFor('en');
	return { subject: letter.messageSubject, body: letter.messageBody(name) };
}

/** Reminds of a self-assessment that is not answered yet. */
export function reminderLetter(input: { name: string; subject: string }): { subject: string; body: string } {
	const { letter } = messagesFor('en');
	return { subject: letter.reminderSubject(input.subject), body: letter.reminderBody(input.name) };
}

/** Lets a user choose a password: the first one, or another. */
export function accountLetter(input: { name: string; kind: 'invitation' | 'reset' }): {
	subject: string;
	body: string;
} {
	const { letter } = messagesFor('en');
	return { subject: letter.accountSubject[input.kind], body: letter.accountBody[input.kind](input.name) };
}

/** Fields that the texts of a round may hold, with what stands for each. */
export const ROUND_FIELDS = ['{name}', '{until}'] as const;

/** Fills the fields of a round's text, in one pass: what stands for a field is not read again. What is no field stays as it was typed. */
export function filledText(text: string, fields: { name: string; until: string }): string {
	return text.replace(/\{(name|until)\}/g, (_, field: 'name' | 'until') => fields[field]);
}
