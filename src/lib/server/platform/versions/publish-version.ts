import { eq } from 'drizzle-orm';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { newestVersion } from './read-versions';
import type { PublishedSubject } from './published-subject';

const { publishedVersions, versionDrafts } = schema;

const idOf = (actor: Actor) => (actor.kind === 'user' ? actor.id : null);

/**
 * Publishes a version within the caller's transaction: it applies from now on.
 * @param input with the newest version as the page showed it, and why; content null goes back to what the software comes with
 * @returns its number as people read it
 * @throws DomainError where a colleague has published in the meantime
 */
export async function publishVersion<C>(
	tx: Db,
	actor: Actor,
	subject: PublishedSubject<C>,
	input: { readonly content: C | null; readonly note: string; readonly seen: number },
	now: Date
): Promise<number> {
	const made = await tx
		.insert(publishedVersions)
		.values({
			subject: subject.key,
			version: input.seen + 1,
			content: input.content,
			note: input.note.trim(),
			publishedAt: now,
			publishedBy: idOf(actor)
		})
		// A colleague was quicker by a moment.
		.onConflictDoNothing()
		.returning({ version: publishedVersions.version });
	if (made.length === 0) throw new DomainError('conflict', subject.conflict);
	const version = input.seen + 1 - subject.base;
	await writeAuditLine(tx, actor, {
		at: now,
		act: subject.published,
		detail: { ...subject.detail, version }
	});
	return version;
}

/**
 * Stores what is being edited; null ends the editing.
 * @param seen the draft's version as the page showed it
 * @throws DomainError where a colleague has changed it in the meantime
 */
export async function saveDraft<C>(
	tx: Db,
	actor: Actor,
	subject: PublishedSubject<C>,
	{ seen, content }: { readonly seen: number; readonly content: C | null },
	now: Date
): Promise<void> {
	const change = { content, version: seen + 1, changedAt: now, changedBy: idOf(actor) };
	const made = await tx
		.insert(versionDrafts)
		.values({ subject: subject.key, ...change })
		.onConflictDoUpdate({
			target: versionDrafts.subject,
			set: change,
			setWhere: eq(versionDrafts.version, seen)
		})
		.returning({ version: versionDrafts.version });
	if (made.length === 0) throw new DomainError('conflict', subject.conflict);
}

/**
 * Ends the editing with a version, within the caller's transaction.
 * @param seen the draft's version as the page showed it
 * @returns its number as people read it
 * @throws DomainError where a colleague has changed or published it in the meantime
 */
export async function publishDraft<C>(
	tx: Db,
	actor: Actor,
	subject: PublishedSubject<C>,
	{ seen, ...input }: { readonly content: C | null; readonly note: string; readonly seen: number },
	now: Date
): Promise<number> {
	await saveDraft(tx, actor, subject, { seen, content: null }, now);
	const { version } = await newestVersion(tx, subject);
	return publishVersion(tx, actor, subject, { ...input, seen: version }, now);
}

/**
 * Gives up what is being edited.
 * @throws DomainError where a colleague has changed it in the meantime
 */
export async function discardDraft<C>(
	tx: Db,
	actor: Actor,
	subject: PublishedSubject<C>,
	seen: number,
	now: Date
): Promise<void> {
	await saveDraft(tx, actor, subject, { seen, content: null }, now);
	const { discarded: act, detail } = subject;
	if (act) await writeAuditLine(tx, actor, { at: now, act, detail });
}
