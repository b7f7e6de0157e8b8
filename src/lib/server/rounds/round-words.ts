import type { Organisation } from '../../core/organisation';
import { DEFAULT_DATE_LOCALE } from '../../messages';
import { filledText, organisationFields, type EmailReader, type EmailWords } from '../../messages/emails';
import type { schema } from '../db/client';

/** The words of a round's email, with every field filled in for one person. */
export function roundWords(
	round: Pick<typeof schema.rounds.$inferSelect, 'subject' | 'body' | 'dueOn'>,
	{ name }: EmailReader,
	from: Organisation
): EmailWords {
	const until = new Intl.DateTimeFormat(DEFAULT_DATE_LOCALE, { dateStyle: 'long', timeZone: 'UTC' }).format(
		new Date(`${round.dueOn}T00:00:00Z`)
	);
	const fields = { name, until, ...organisationFields(from) };
	return {
		kind: 'invitation',
		language: 'en',
		subject: filledText(round.subject, fields),
		body: filledText(round.body, fields)
	};
}
