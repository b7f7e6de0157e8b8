import { eq } from 'drizzle-orm';
import { filledFields, isReplyText, OWN_TEXT_KINDS, type OwnTextKind } from '../../core/sending/own-texts';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { editedText, originalText, type TextNamed } from './edit-own-text';

const { users } = schema;

/** The suggested reply that a URL names; null where it names none. */
export const replyNamed = (name: string | null): OwnTextKind | null =>
	OWN_TEXT_KINDS.find((kind) => kind === name && isReplyText(kind)) ?? null;

/** A suggested reply as a person would read it, addressed to whoever previews it; in the words being edited, where there are any. */
export async function sampleReply(
	db: Db,
	actor: Actor & { readonly id: string },
	text: TextNamed
): Promise<string> {
	const [user] = await db.select({ name: users.name }).from(users).where(eq(users.id, actor.id));
	const { body } = (await editedText(db, text)) ?? originalText(text);
	return filledFields(body, { name: user?.name.split(' ')[0] ?? '' });
}
