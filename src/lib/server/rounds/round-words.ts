import type { Organisation } from '../../core/organisation';
import { messagesFor } from '../../messages';
import {
	emailTextsFor,
	filledText,
	organisationFields,
	type EmailReader,
	type EmailWords
} from '../../messages/emails';
import { DEFAULT_LANGUAGE, languageOf, localeOf, type Locale } from '../../messages/languages';
import type { schema } from '../db/client';

type RoundText = Pick<typeof schema.rounds.$inferSelect, 'subject' | 'body' | 'dueOn'>;

/** The text of a round for a recipient: in their language where it is the default text; a coordinator's own text is sent as written. */
function textFor({ subject, body }: RoundText, wanted: Locale) {
	const usual = emailTextsFor(DEFAULT_LANGUAGE).round;
	const isUsual = subject === usual.subject && body === usual.body;
	const language = isUsual ? wanted : DEFAULT_LANGUAGE;
	return isUsual ? { language, ...emailTextsFor(language).round } : { language, subject, body };
}

/** The text of a round's email, with every placeholder filled in for one person. */
export function roundWords(
	round: RoundText,
	{ name, language: wanted = DEFAULT_LANGUAGE }: EmailReader,
	from: Organisation
): EmailWords {
	const { language, subject, body } = textFor(round, localeOf(wanted));
	const { dateLocale } = messagesFor(language);
	const until = new Intl.DateTimeFormat(dateLocale, { dateStyle: 'long', timeZone: 'UTC' }).format(
		new Date(`${round.dueOn}T00:00:00Z`)
	);
	const fields = { name, until, ...organisationFields(from, language) };
	return {
		kind: 'invitation',
		language: languageOf(language),
		subject: filledText(subject, fields),
		body: filledText(body, fields)
	};
}
