import { isNull } from 'drizzle-orm';
import { deskLocale } from '../../messages/desk-language';
import { languageOf, type Language } from '../../messages/languages';
import { schema, type Db } from '../platform/db/client';

const { people } = schema;

/** The languages that people read now, the reader's own first; English where there is nobody yet. Cost: one pass over the people. */
export async function languagesOfPeople(db: Db): Promise<Language[]> {
	const rows = await db
		.selectDistinct({ language: people.language })
		.from(people)
		.where(isNull(people.leftAt));
	const languages = [...new Set(rows.map(({ language }) => languageOf(language)))].sort();
	const [own] = languages.filter((language) => language === deskLocale());
	return languages.length > 0 ? [...new Set([...(own ? [own] : []), ...languages])] : ['en'];
}
