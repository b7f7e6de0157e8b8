import type { Organisation } from '../../../core/platform/organisation';
import { messagesFor } from '../../../messages';
import {
	emailTextsFor,
	filledText,
	organisationFields,
	type EmailReader,
	type EmailWords
} from '../../../messages/emails';
import {
	DEFAULT_LANGUAGE,
	languageOf,
	localeOf,
	type Language,
	type Locale
} from '../../../messages/languages';
import type { OwnText } from '../../../core/platform/sending/own-texts';
import type { schema } from '../../platform/db/client';

type RoundText = Pick<typeof schema.rounds.$inferSelect, 'subject' | 'body' | 'dueOn'>;

/** The usual text of a round, by language. */
export type UsualRoundTexts = ReadonlyMap<Language, OwnText>;

/**
 * The text of a round for a recipient: in their language where it is the usual text, the organisation's or the software's; a coordinator's
 * own text is sent as written.
 */
function textFor({ subject, body }: RoundText, wanted: Locale, own: UsualRoundTexts) {
	const isSame = (usual: OwnText | undefined) => usual?.subject === subject && usual.body === body;
	const inTheirs = own.get(languageOf(wanted));
	if (isSame(own.get(DEFAULT_LANGUAGE)) && inTheirs) return { language: wanted, ...inTheirs };
	if (isSame(emailTextsFor(DEFAULT_LANGUAGE).round))
		return { language: wanted, ...emailTextsFor(wanted).round };
	return { language: DEFAULT_LANGUAGE, subject, body };
}

/**
 * The text of a round's email, with every placeholder filled in for one person.
 * @param own the organisation's usual text
 */
export function roundWords(
	round: RoundText,
	{ name, language: wanted = DEFAULT_LANGUAGE }: EmailReader,
	from: Organisation,
	own: UsualRoundTexts
): EmailWords {
	return filled(textFor(round, localeOf(wanted), own), round.dueOn, name, from);
}

/** Last day in a sample of a round's email, in place of a round's own. */
const SAMPLE_DUE = '2030-03-30';

/** A round's usual text as it would arrive, for a preview. */
export const roundSample = (
	text: OwnText,
	{ name, language = DEFAULT_LANGUAGE }: EmailReader,
	from: Organisation
): EmailWords => filled({ language: localeOf(language), ...text }, SAMPLE_DUE, name, from);

function filled(
	{ language, subject, body }: OwnText & { readonly language: Locale },
	dueOn: string,
	name: string,
	from: Organisation
): EmailWords {
	const { dateLocale } = messagesFor(language);
	const until = new Intl.DateTimeFormat(dateLocale, { dateStyle: 'long', timeZone: 'UTC' }).format(
		new Date(`${dueOn}T00:00:00Z`)
	);
	const fields = { name, until, ...organisationFields(from, language) };
	return {
		kind: 'invitation',
		language: languageOf(language),
		subject: filledText(subject, fields),
		body: filledText(body, fields)
	};
}
