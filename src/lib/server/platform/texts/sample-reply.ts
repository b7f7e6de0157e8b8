import { eq } from 'drizzle-orm';
import {
	filledFields,
	hasSubject,
	OWN_TEXT_KINDS,
	type OwnTextKind
} from '../../../core/platform/sending/own-texts';
import { organisationFields } from '../../../messages/emails';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { readOrganisation } from '../organisation/read-organisation';
import { editedText, originalText } from './edit-own-text';
import type { TextNamed } from './read-own-text';

const { users } = schema;

/** The text without a subject that a URL names, a suggested reply or the end of a letter; null where it names none. */
export const replyNamed = (name: string | null): OwnTextKind | null =>
	OWN_TEXT_KINDS.find((kind) => kind === name && !hasSubject(kind)) ?? null;

/** A text without a subject as it would be read, addressed to whoever previews it; in the words being edited, where there are any. */
export async function sampleReply(
	db: Db,
	actor: Actor & { readonly id: string },
	text: TextNamed
): Promise<string> {
	const [user] = await db.select({ name: users.name }).from(users).where(eq(users.id, actor.id));
	const { body } = (await editedText(db, text)) ?? originalText(text);
	const from = organisationFields(await readOrganisation(db), text.language);
	return filledFields(body, { name: user?.name.split(' ')[0] ?? '', ...from });
}
