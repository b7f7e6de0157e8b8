import { unknownPlaceholders } from '../../../core/platform/sending';
import {
	fieldsOfText,
	hasSubject,
	isReplyText,
	REPLY_KINDS,
	replyTextKind,
	type OwnText,
	type ReplyKind
} from '../../../core/platform/sending/own-texts';
import { replyWithFields } from '../../../messages/desk/reply-words';
import { emailTextsFor, emailWithFields } from '../../../messages/emails';
import type { Language } from '../../../messages/languages';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import type { Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { discardDraft, publishDraft, saveDraft } from '../versions/publish-version';
import { everyVersion, newestByKey, readDraft } from '../versions/read-versions';
import { ownTextOf, textSubject, type TextNamed } from './read-own-text';

/** The words that the software comes with, with fields in place of values. */
export function originalText({ kind, language }: TextNamed): OwnText {
	if (kind === 'round') {
		const { subject, body } = emailTextsFor(language).round;
		return { subject, body };
	}
	// The software adds nothing at the end of a letter.
	if (kind === 'referral-letter') return { subject: '', body: '' };
	if (!isReplyText(kind)) return emailWithFields(kind, language);
	const reply = REPLY_KINDS.find((one) => replyTextKind(one) === kind);
	return { subject: '', body: reply ? replyWithFields(reply, language) : '' };
}

/** A text with its original, what is being edited, and every version, newest first. Texts change a few times a year. */
export async function ownTextPage(db: Db, actor: Actor, text: TextNamed) {
	requirePermission(actor, 'settings:change');
	const subject = textSubject(text);
	const { seen, content } = await readDraft(db, subject);
	const versions = await everyVersion(db, subject);
	return {
		seen,
		original: originalText(text),
		/** What people get now. */
		current: versions[0]?.content ?? originalText(text),
		draft: content,
		fields: fieldsOfText(text.kind),
		versions: versions.map(({ content: text, ...row }) => ({ ...row, text }))
	};
}

/** The text being edited, or else the one that applies; null where both are the software's. For a preview. */
export async function editedText(db: Db, text: TextNamed): Promise<OwnText | null> {
	const { content } = await readDraft(db, textSubject(text));
	return content ?? ownTextOf(db, text.kind, text.language);
}

/** @throws DomainError naming what can't be sent */
function requireUsable({ kind }: TextNamed, { subject, body }: OwnText): void {
	if (hasSubject(kind) && subject.trim() === '') throw new DomainError('invalid', 'nameSubject', '/subject');
	if (body.trim() === '') throw new DomainError('invalid', 'writeLetter', '/body');
	const known = fieldsOfText(kind);
	for (const [at, words] of [
		['/subject', subject],
		['/body', body]
	] as const) {
		const unknown = unknownPlaceholders(words, known);
		if (unknown.length > 0)
			throw new DomainError('invalid', { code: 'unknownFields', facts: { unknown, known } }, at);
	}
}

/** A text as its form saw it. */
type SeenText = TextNamed & { readonly seen: number };

/**
 * Saves a text without anybody getting it yet.
 * @throws DomainError where something in it can't be sent, or a colleague has changed it in the meantime
 */
export async function saveTextDraft(
	db: Db,
	actor: Actor,
	input: SeenText & OwnText,
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	requireUsable(input, input);
	const content = {
		subject: input.subject.trim(),
		body: input.body.replaceAll('\r\n', '\n').trim()
	};
	await saveDraft(db, actor, textSubject(input), { seen: input.seen, content }, now);
}

/** Publishes a text: everybody who gets it from now on reads it. Emails already written stay as they are. */
export async function publishText(
	db: Db,
	actor: Actor,
	text: SeenText & { readonly note: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	const subject = textSubject(text);
	await inTransaction(db, async (tx) => {
		const { content } = await readDraft(tx, subject);
		if (!content) throw new DomainError('conflict', 'textChanged');
		await publishDraft(tx, actor, subject, { content, note: text.note, seen: text.seen }, now);
	});
}

/** Goes back to the words that the software comes with. */
export async function returnToOriginal(db: Db, actor: Actor, text: SeenText, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, (tx) =>
		publishDraft(tx, actor, textSubject(text), { content: null, note: '', seen: text.seen }, now)
	);
}

/** Gives up what is being edited. */
export async function discardTextDraft(db: Db, actor: Actor, text: SeenText, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, (tx) => discardDraft(tx, actor, textSubject(text), text.seen, now));
}

/** Replies that the organisation has worded in a language. One statement by the key. */
export async function ownRepliesIn(db: Db, language: Language): Promise<Partial<Record<ReplyKind, string>>> {
	const texts = await newestByKey(
		db,
		REPLY_KINDS.map((reply) => textSubject({ kind: replyTextKind(reply), language }))
	);
	return Object.fromEntries(
		REPLY_KINDS.flatMap((kind, i) => (texts[i] ? [[kind, texts[i].body] as const] : []))
	);
}
