import { is } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import { log } from '../log';
import type { Db } from './client';

/** Tries of one transaction: what two acts can't do at once, one of them does a moment later. */
const MOST_TRIES = 5;

/** PostgreSQL: a deadlock, or a conflict of two that would both have been right alone (SQLSTATE class 40). */
export function isRetryable(error: unknown): boolean {
	const codes = [error, (error as { cause?: unknown } | null)?.cause].map(
		(e) => (e as { code?: unknown } | null)?.code
	);
	return codes.includes('40P01') || codes.includes('40001');
}

/**
 * Runs a transaction, and runs it again where PostgreSQL ended it for another's sake: everything it did is undone then, so doing it
 * again is doing it once. Within a transaction it is a part of that one.
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
