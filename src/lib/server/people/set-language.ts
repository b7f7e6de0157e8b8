import { eq } from 'drizzle-orm';
import type { Locale } from '../../messages/languages';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { setUsualUnit } from '../questionnaire/assessments/usual-unit';
import { requirePerson } from './lock-person';

const { people } = schema;

/** Changes the language of a person's pages and emails, at their own request. Repeating it changes nothing. */
export async function setLanguage(
	db: Db,
	actor: Actor & { readonly kind: 'person' },
	language: Locale,
	now: Date
): Promise<void> {
	const { personId } = actor;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		if (person.language === language) return;
		await tx
			.update(people)
			.set({ language, version: person.version + 1 })
			.where(eq(people.id, personId));
		await setUsualUnit(tx, personId, language);
		await writeAuditLine(tx, actor, { at: now, act: 'language-changed', personId, detail: { language } });
	});
}
