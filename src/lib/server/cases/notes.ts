import { desc, eq } from 'drizzle-orm';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { runDeskAct, type DeskActInput } from '../platform/acts/desk-act';
import { inTransaction } from '../platform/db/transaction';
import { requireCase } from './require-case';

const { notes, users } = schema;

/** Longest note, characters. */
export const MAX_NOTE_CHARS = 4000;

/**
 * Adds a note to a case. It is included when the person gets their data, unless kept back; then it is for coordinators and the clinician it
 * is referred to. Notes are added, never changed; two at once both stay.
 */
export async function addNote(
	db: Db,
	actor: Actor,
	input: Pick<DeskActInput, 'key' | 'personId'> & { readonly text: string; readonly isDisclosed?: boolean },
	now: Date
): Promise<void> {
	const text = input.text.trim();
	if (text === '') throw new DomainError('invalid', 'writeAFewWords', '/text');
	const { personId, isDisclosed = true } = input;
	await inTransaction(db, async (tx) => {
		const author = await requireCase(tx, actor, personId, 'cases:act');
		const act = { ...input, version: null, kind: 'noted' as const };
		await runDeskAct(tx, actor, act, now, async ({ rows, actId }) => {
			await rows.insert(notes, { id: actId, personId, authorId: author.id, at: now, text, isDisclosed });
			await writeAuditLine(tx, actor, { at: now, act: 'note-written', personId });
		});
	});
}

/** The notes about a person, newest first; served by notes_person_at_idx. */
export function notesOf(db: Db, personId: string) {
	return db
		.select({
			id: notes.id,
			at: notes.at,
			text: notes.text,
			isDisclosed: notes.isDisclosed,
			authorName: users.name
		})
		.from(notes)
		.leftJoin(users, eq(users.id, notes.authorId))
		.where(eq(notes.personId, personId))
		.orderBy(desc(notes.at))
		.limit(200);
}
