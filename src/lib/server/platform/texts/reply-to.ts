import type { ReplyGrounds } from '../../../messages/desk/en/cases/replies';
import { replyWords } from '../../../messages/desk/reply-words';
import { languageOf } from '../../../messages/languages';
import type { Db } from '../db/client';
import { ownRepliesIn } from './edit-own-text';

/** The reply that is suggested for a person, in their language. One index look-up. */
export async function replyTo(
	db: Db,
	{ name, language }: { readonly name: string; readonly language: string },
	assessmentResult: ReplyGrounds | null
): Promise<string> {
	return replyWords(name, assessmentResult, { language, own: await ownRepliesIn(db, languageOf(language)) });
}
