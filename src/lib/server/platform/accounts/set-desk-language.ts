import { eq } from 'drizzle-orm';
import type { DeskLanguage } from '../../../messages/desk-language';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';

const { users } = schema;

/** Changes the language in which a user reads the desk and its emails, at their own request. Repeating it changes nothing. */
export async function setDeskLanguage(
	db: Db,
	actor: Actor & { readonly kind: 'user' },
	language: DeskLanguage,
	now: Date
): Promise<void> {
	await inTransaction(db, async (tx) => {
		const [user] = await tx
			.select({ language: users.language })
			.from(users)
			.where(eq(users.id, actor.id))
			.for('update');
		if (!user || user.language === language) return;
		await tx.update(users).set({ language }).where(eq(users.id, actor.id));
		const detail = { user: actor.id, language };
		await writeAuditLine(tx, actor, { at: now, act: 'language-changed', detail });
	});
}
