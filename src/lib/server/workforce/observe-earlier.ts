import { asc, gt, inArray } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { describeError, log } from '../log';
import { lockPeople } from '../people/lock-person';
import { observeJudgements } from './observe-people';

const { judgements, unobserved } = schema;

/** People looked at in one transaction. */
const BATCH = 100;

/**
 * Keeps what statistics ask of the judgements of a version that kept no observations. Goes on where it was stopped; several processes may
 * do so at once. Whoever can't be read is logged and tried again in the next run.
 *
 * Cost: some six statements for a hundred people, in proportion to their judgements.
 *
 * @param shallGoOn asked before each batch: the rest is left for the next call where it says no
 */
export async function observeEarlier(db: Db, shallGoOn: () => boolean = () => true): Promise<void> {
	let after = '00000000-0000-0000-0000-000000000000';
	while (shallGoOn()) {
		const batch = await db
			.select({ personId: unobserved.personId })
			.from(unobserved)
			.where(gt(unobserved.personId, after))
			.orderBy(asc(unobserved.personId))
			.limit(BATCH);
		const ids = batch.map(({ personId }) => personId);
		const last = ids.at(-1);
		if (!last) return;
		after = last;
		await observeTogether(db, ids);
	}
}

async function observeTogether(db: Db, ids: readonly string[]): Promise<void> {
	try {
		await inTransaction(db, (tx) => observeAndStrike(tx, ids));
	} catch (error) {
		if (ids.length === 1) {
			log({ level: 'error', event: 'observing-fault', ...describeError(error) });
			return;
		}
		for (const id of ids) await observeTogether(db, [id]);
	}
}

async function observeAndStrike(tx: Db, ids: readonly string[]): Promise<void> {
	const people = await lockPeople(tx, ids);
	// Another process may have been quicker.
	const struck = await tx
		.delete(unobserved)
		.where(inArray(unobserved.personId, [...ids]))
		.returning();
	const rows = await tx
		.select({
			id: judgements.id,
			personId: judgements.personId,
			onDay: judgements.onDay,
			document: judgements.document
		})
		.from(judgements)
		.where(
			inArray(
				judgements.personId,
				struck.map(({ personId }) => personId)
			)
		)
		.orderBy(asc(judgements.id));
	await observeJudgements(tx, rows, people);
}

/** Whether somebody's earlier judgements have still to be looked at: their figures are not whole yet. */
export async function countUnobserved(db: Db): Promise<number> {
	return db.$count(unobserved);
}

/** Whoever is judged before their earlier judgements were looked at: those come first. */
export async function observeEarlierOf(tx: Db, personIds: readonly string[]): Promise<void> {
	const waiting = await tx
		.select()
		.from(unobserved)
		.where(inArray(unobserved.personId, [...personIds]));
	if (waiting.length > 0)
		await observeAndStrike(
			tx,
			waiting.map(({ personId }) => personId)
		);
}
