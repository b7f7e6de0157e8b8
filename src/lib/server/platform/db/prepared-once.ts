import type { Db } from './client';

/**
 * A statement that Drizzle writes once for each database, not with each page: for the day sheet's, writing takes as long as answering.
 * What differs from one time to the next is a placeholder. It has no name: PostgreSQL plans it each time, so a connection pooler may stand
 * between.
 * @returns the statement written for a database or a transaction
 */
export function preparedOnce<T extends object>(
	write: (db: Db) => { prepare(name: string): T }
): (db: Db) => T {
	const written = new WeakMap<Db, T>();
	return (db) => {
		const known = written.get(db) ?? write(db).prepare('');
		written.set(db, known);
		return known;
	};
}
