import { is } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import { log } from '../log';
import type { Db } from './client';

/** Most attempts at one transaction: where two acts can't happen at once, one of them happens a moment later. */
const MOST_TRIES = 5;

/** PostgreSQL: a deadlock, or a conflict of two transactions that would each have succeeded alone (SQLSTATE class 40). */
export function isRetryable(error: unknown): boolean {
	const codes = [error, (error as { cause?: unknown } | null)?.cause].map(
		(e) => (e as { code?: unknown } | null)?.code
	);
	return codes.includes('40P01') || codes.includes('40001');
}

/**
 * Runs a transaction, and runs it again where PostgreSQL aborted it in favour of another: everything it did is rolled back then, so
 * repeating it does it once. Within a transaction, the work becomes part of that one.
 */
export async function inTransaction<T>(db: Db, work: (tx: Db) => Promise<T>): Promise<T> {
	if (is(db, PgTransaction)) return work(db);
	for (let tries = 1; ; tries += 1) {
		try {
			return await db.transaction(work);
		} catch (error) {
			if (tries >= MOST_TRIES || !isRetryable(error)) throw error;
			log({ level: 'warn', event: 'transaction-again', tries });
		}
	}
}

/**
 * Runs a part of a transaction that may fail by itself: what it did is rolled back then, and the rest of the transaction goes on. A deadlock
 * or a conflict ends the whole transaction all the same, so {@link inTransaction} runs it again.
 */
export function inSavepoint<T>(tx: Db, work: (part: Db) => Promise<T>): Promise<T> {
	return tx.transaction(work);
}
