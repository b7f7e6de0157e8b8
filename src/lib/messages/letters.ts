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
