import { is, sql } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import type { Db } from '../db/client';
import { describeError, log } from '../log';
import { CHANNEL, publishChange, type ChangeTopic } from './changes';

/** How long changes are gathered, ms: nobody sees that much later what another device has typed. */
const GATHER_MS = 100;

/** By database: what is to be told next, and when it has been. */
const waiting = new WeakMap<Db, { readonly topics: Set<ChangeTopic>; readonly told: Promise<void> }>();

/**
 * Tells every process of a change that is committed already, with all others of the next tenth of a second. PostgreSQL lets one transaction
 * at a time commit that tells something, which at every save of everybody's answers would hold up all of them. Lost where this process dies
 * in that moment; for what a person types, whose other device looks again within minutes. What someone must see is published with its
 * transaction (`publishChange`).
 * @param db the database; for a transaction it is told with it
 */
export async function publishBatched(db: Db, topics: readonly ChangeTopic[]): Promise<void> {
	if (is(db, PgTransaction)) {
		for (const topic of topics) await publishChange(db, topic);
		return;
	}
	for (const topic of topics) {
		let next = waiting.get(db);
		if (!next) {
			next = { topics: new Set(), told: tellLater(db) };
			waiting.set(db, next);
		}
		next.topics.add(topic);
	}
}

/** Settles once what was published so far has been told: before a process ends. */
export const publishedByNow = (db: Db): Promise<void> => waiting.get(db)?.told ?? Promise.resolve();

async function tellLater(db: Db): Promise<void> {
	await new Promise((resolve) => setTimeout(resolve, GATHER_MS));
	const topics = [...(waiting.get(db)?.topics ?? [])];
	waiting.delete(db);
	try {
		await db.execute(
			sql`select pg_notify(${CHANNEL}, topic) from unnest(${sql.param(topics)}::text[]) topic`
		);
	} catch (error) {
		// Whoever follows looks again when the database is back.
		log({ level: 'warn', event: 'publish', ...describeError(error) });
	}
}
