import { and, desc, eq, gt } from 'drizzle-orm';
import type { OwnText, OwnTextKind } from '../../../core/platform/sending/own-texts';
import type { Language } from '../../../messages/languages';
import { schema, type Db } from '../db/client';

const { ownTexts } = schema;

/** The text as the organisation words it now; null where it is as the software comes. One key look-up. */
export async function ownTextOf(db: Db, kind: OwnTextKind, language: Language): Promise<OwnText | null> {
	const [row] = await db
		.select({ subject: ownTexts.subject, body: ownTexts.body })
		.from(ownTexts)
		.where(and(eq(ownTexts.kind, kind), eq(ownTexts.language, language), gt(ownTexts.version, 0)))
		.orderBy(desc(ownTexts.version))
		.limit(1);
	return row?.body ? { subject: row.subject ?? '', body: row.body } : null;
}

/** A text in every language in which the organisation has worded it. One statement by the key. */
export async function ownTextsOf(db: Db, kind: OwnTextKind): Promise<ReadonlyMap<Language, OwnText>> {
	const rows = await db
		.selectDistinctOn([ownTexts.language], {
			language: ownTexts.language,
			subject: ownTexts.subject,
			body: ownTexts.body
		})
		.from(ownTexts)
		.where(and(eq(ownTexts.kind, kind), gt(ownTexts.version, 0)))
		.orderBy(ownTexts.language, desc(ownTexts.version));
	return new Map(
		rows.flatMap(({ language, subject, body }) =>
			body ? [[language, { subject: subject ?? '', body }] as const] : []
		)
	);
}
