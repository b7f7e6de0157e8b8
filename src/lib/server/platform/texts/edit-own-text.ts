import { and, desc, eq, gt } from 'drizzle-orm';
import { unknownPlaceholders } from '../../../core/platform/sending';
import {
	fieldsOfText,
	hasSubject,
	isReplyText,
	REPLY_KINDS,
	replyTextKind,
	type OwnText,
	type OwnTextKind,
	type ReplyKind
} from '../../../core/platform/sending/own-texts';
import { replyWithFields } from '../../../messages/desk/reply-words';
import { emailTextsFor, emailWithFields } from '../../../messages/emails';
import type { Language } from '../../../messages/languages';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { ownTexts, users } = schema;

/** Which text: its kind, in a language. */
export interface TextNamed {
	readonly kind: OwnTextKind;
	readonly language: Language;
}

/** The version of the text being edited: it stands under a number of its own. */
const DRAFT = 0;

const named = ({ kind, language }: TextNamed) =>
	and(eq(ownTexts.kind, kind), eq(ownTexts.language, language));

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

/** How a text stands now: what a form has seen of it. Changes with every save and publication. */
async function stateOf(db: Db, text: TextNamed) {
	const rows = await db
		.select({
			version: ownTexts.version,
			subject: ownTexts.subject,
			body: ownTexts.body,
			changes: ownTexts.changes,
			at: ownTexts.at,
			by: users.name
		})
		.from(ownTexts)
		.leftJoin(users, eq(users.id, ownTexts.by))
		.where(named(text))
		.orderBy(desc(ownTexts.version));
	const draft = rows.find(({ version }) => version === DRAFT) ?? null;
	const versions = rows.filter(({ version }) => version > DRAFT);
	const newest = versions[0]?.version ?? 0;
	return { draft, versions, newest, seen: `${newest}.${draft?.changes ?? 0}` };
}

const textIn = (
	row: { readonly subject: string | null; readonly body: string | null } | null | undefined
): OwnText | null => (row?.body ? { subject: row.subject ?? '', body: row.body } : null);

/** A text with its original, what is being edited, and every version, newest first. Texts change a few times a year. */
export async function ownTextPage(db: Db, actor: Actor, text: TextNamed) {
	requirePermission(actor, 'settings:change');
	const { draft, versions, seen } = await stateOf(db, text);
	return {
		seen,
		original: originalText(text),
		/** What people get now. */
		current: textIn(versions[0]) ?? originalText(text),
		draft: textIn(draft),
		fields: fieldsOfText(text.kind),
		versions: versions.map((row) => ({ version: row.version, at: row.at, by: row.by, text: textIn(row) }))
	};
}

/** The text being edited, or else the one that applies; null where both are the software's. For a preview. */
export async function editedText(db: Db, text: TextNamed): Promise<OwnText | null> {
	const { draft, versions } = await stateOf(db, text);
	return textIn(draft) ?? textIn(versions[0]);
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

/** Runs an edit where the text is still as the form has seen it. */
async function edit<T>(
	db: Db,
	actor: Actor,
	text: TextNamed & { readonly seen: string },
	work: (tx: Db, state: Awaited<ReturnType<typeof stateOf>>) => Promise<T>
): Promise<T> {
	requirePermission(actor, 'settings:change');
	return inTransaction(db, async (tx) => {
		await tx.select({ version: ownTexts.version }).from(ownTexts).where(named(text)).for('update');
		const state = await stateOf(tx, text);
		if (state.seen !== text.seen) throw new DomainError('conflict', 'textChanged');
		return work(tx, state);
	});
}

const byOf = (actor: Actor) => (actor.kind === 'user' ? actor.id : null);

/**
 * Saves a text without anybody getting it yet.
 * @throws DomainError where something in it can't be sent, or a colleague has changed it in the meantime
 */
export async function saveTextDraft(
	db: Db,
	actor: Actor,
	input: TextNamed & OwnText & { readonly seen: string },
	now: Date
): Promise<void> {
	const { kind, language } = input;
	requirePermission(actor, 'settings:change');
	requireUsable(input, input);
	await edit(db, actor, input, async (tx, { draft }) => {
		const change = {
			subject: input.subject.trim(),
			body: input.body.replaceAll('\r\n', '\n').trim(),
			changes: (draft?.changes ?? 0) + 1,
			at: now,
			by: byOf(actor)
		};
		const made = await tx
			.insert(ownTexts)
			.values({ kind, language, version: DRAFT, ...change })
			.onConflictDoUpdate({
				target: [ownTexts.kind, ownTexts.language, ownTexts.version],
				set: change,
				setWhere: eq(ownTexts.changes, draft?.changes ?? 0)
			})
			.returning({ version: ownTexts.version });
		// A colleague was quicker by a moment.
		if (made.length === 0) throw new DomainError('conflict', 'textChanged');
	});
}

/** Publishes a text: everybody who gets it from now on reads it. Emails already written stay as they are. */
export async function publishText(
	db: Db,
	actor: Actor,
	text: TextNamed & { readonly seen: string },
	now: Date
): Promise<void> {
	await edit(db, actor, text, async (tx, { draft, newest }) => {
		const words = textIn(draft);
		if (!words) throw new DomainError('conflict', 'textChanged');
		await storeVersion(tx, actor, text, { version: newest + 1, ...words }, now);
	});
}

/** Goes back to the words that the software comes with. */
export async function returnToOriginal(
	db: Db,
	actor: Actor,
	text: TextNamed & { readonly seen: string },
	now: Date
): Promise<void> {
	await edit(db, actor, text, (tx, { newest }) =>
		storeVersion(tx, actor, text, { version: newest + 1, subject: null, body: null }, now)
	);
}

/** Gives up what is being edited. */
export async function discardTextDraft(
	db: Db,
	actor: Actor,
	text: TextNamed & { readonly seen: string }
): Promise<void> {
	await edit(db, actor, text, (tx) =>
		tx.delete(ownTexts).where(and(named(text), eq(ownTexts.version, DRAFT)))
	);
}

async function storeVersion(
	tx: Db,
	actor: Actor,
	text: TextNamed,
	words: { readonly version: number; readonly subject: string | null; readonly body: string | null },
	now: Date
): Promise<void> {
	const { kind, language } = text;
	const made = await tx
		.insert(ownTexts)
		.values({ kind, language, ...words, at: now, by: byOf(actor) })
		.onConflictDoNothing()
		.returning({ version: ownTexts.version });
	if (made.length === 0) throw new DomainError('conflict', 'textChanged');
	await tx.delete(ownTexts).where(and(named(text), eq(ownTexts.version, DRAFT)));
	const detail = { text: kind, language, version: words.version };
	await writeAuditLine(tx, actor, { at: now, act: 'text-published', detail });
}

/** Replies that the organisation has worded in a language. One index look-up, proportional to their versions. */
export async function ownRepliesIn(db: Db, language: Language): Promise<Partial<Record<ReplyKind, string>>> {
	const rows = await db
		.selectDistinctOn([ownTexts.kind], { kind: ownTexts.kind, body: ownTexts.body })
		.from(ownTexts)
		.where(and(eq(ownTexts.language, language), gt(ownTexts.version, DRAFT)))
		.orderBy(ownTexts.kind, desc(ownTexts.version));
	return Object.fromEntries(
		REPLY_KINDS.flatMap((kind) => {
			const body = rows.find((row) => row.kind === replyTextKind(kind))?.body;
			return body ? [[kind, body]] : [];
		})
	);
}
