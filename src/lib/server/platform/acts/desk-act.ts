import { createHash } from 'node:crypto';
import { eq } from 'drizzle-orm';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import type { DeskActKind } from '../db/schema/acts';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson, type LockedPerson } from '../../people/lock-person';
import { ChangedRows } from './changed-rows';

const { cases, deskActs } = schema;

/** A user's act on a person, as its page requested it. */
export interface DeskActInput {
	/** Made by the page: sent twice, because a response was lost or a key was held down, it is one act. */
	readonly key: string;
	readonly personId: string;
	/** The version of the case as seen; null where several people are acted on at once. */
	readonly version: number | null;
}

export interface DeskActContext {
	readonly tx: Db;
	readonly person: LockedPerson;
	/** Changes made through this can be undone. */
	readonly rows: ChangedRows;
	/** The id of the act itself, for rows that it creates. */
	readonly actId: string;
}

export function idempotencyKeyFor(batch: string, personId: string): string {
	const hex = createHash('sha256').update(`${batch} ${personId}`).digest('hex');
	return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/**
 * Carries out a desk act: locks the person first, does nothing for a repeated key, refuses a case that someone else has changed, and
 * assesses the case again; all in one transaction. What it changed is kept until midnight, so that it can be undone.
 * @param isFinal whether nothing of it can be undone, as for an email that goes out
 * @returns the work's result, or null where the act had been done already
 */
export function runDeskAct<T>(
	db: Db,
	actor: Actor,
	{
		key,
		personId,
		version,
		kind,
		batch = key,
		isFinal = false
	}: DeskActInput & { kind: DeskActKind; batch?: string; isFinal?: boolean },
	now: Date,
	work: (tools: DeskActContext) => Promise<T>
): Promise<T | null> {
	if (actor.kind !== 'user') throw new DomainError('not-allowed', 'signInFirst');
	return inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		const [made] = await tx
			.insert(deskActs)
			.values({ id: key, userId: actor.id, personId, batch, kind, at: now })
			.onConflictDoNothing()
			.returning({ id: deskActs.id });
		if (!made) return null;
		if (version !== null) {
			const [row] = await tx
				.select({ version: cases.version })
				.from(cases)
				.where(eq(cases.personId, personId));
			if (row && row.version !== version) throw new DomainError('conflict', 'caseChanged');
		}
		const rows = new ChangedRows(tx);
		const result = await work({ tx, person, rows, actId: key });
		if (!isFinal) await tx.update(deskActs).set({ changes: rows.changes }).where(eq(deskActs.id, key));
		await reassessCase(tx, personId, now);
		return result;
	});
}
