import type { OwnText, OwnTextKind } from '../../../core/platform/sending/own-texts';
import { LANGUAGES, type Language } from '../../../messages/languages';
import type { Db } from '../db/client';
import type { PublishedSubject } from '../versions/published-subject';
import { newestByKey, newestVersion } from '../versions/read-versions';

/** Which text: its kind, in a language. */
export interface TextNamed {
	readonly kind: OwnTextKind;
	readonly language: Language;
}

/** An email or a reply as the organisation words it; null are the words that the software comes with. */
export const textSubject = ({ kind, language }: TextNamed): PublishedSubject<OwnText | null> => ({
	key: `text:${kind}:${language}`,
	base: 0,
	published: 'text-published',
	discarded: 'text-discarded',
	detail: { text: kind, language },
	conflict: 'textChanged',
	read: (content) => content as OwnText | null
});

/** The text as the organisation words it now; null where it is as the software comes. One key look-up. */
export const ownTextOf = async (db: Db, kind: OwnTextKind, language: Language): Promise<OwnText | null> =>
	(await newestVersion(db, textSubject({ kind, language }))).content;

/** A text in every language in which the organisation has worded it. One statement by the key. */
export async function ownTextsOf(db: Db, kind: OwnTextKind): Promise<ReadonlyMap<Language, OwnText>> {
	const texts = await newestByKey(
		db,
		LANGUAGES.map((language) => textSubject({ kind, language }))
	);
	return new Map(LANGUAGES.flatMap((language, i) => (texts[i] ? [[language, texts[i]] as const] : [])));
}
