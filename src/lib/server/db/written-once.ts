import type { Db } from './client';

/**
 * A statement that Drizzle writes once for each database, not with each page: for the day sheet's, writing takes as long as answering.
 * What differs from one time to the next is a placeholder. PostgreSQL plans it each time, so a connection pooler may stand between.
 * @param write gives the statement, prepared without a name
 * @returns the statement written for a database or a transaction
 */
export function writtenOnce<T extends object>(write: (db: Db) => T): (db: Db) => T {
	const written = new WeakMap<Db, T>();
	return (db) => {
		const known = written.get(db) ?? write(db);
		written.set(db, known);
		return known;
	};
}
