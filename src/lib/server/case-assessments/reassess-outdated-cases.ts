import { and, asc, gt, lt, or } from 'drizzle-orm';
import { RULES_VERSION } from '../../core/rules';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { alwaysContinue, type ShouldContinue } from '../jobs/should-continue';
import { describeError, log } from '../log';
import { lockPeople } from '../people/lock-person';
import { reassessCases } from './reassess-cases';

const { cases } = schema;

/** People judged in one transaction: a dozen statements serve them all. */
const BATCH = 100;

/**
 * Cases that were last judged by other rules than those of now, or that an import asks to have judged again: the two ends of
 * cases_rules_version_idx, which are empty where everybody is judged.
 */
const isToRejudge = or(lt(cases.rulesVersion, RULES_VERSION), gt(cases.rulesVersion, RULES_VERSION));

/** How many people are still to be judged by the rules of now. */
export function countCasesToReassess(db: Db): Promise<number> {
	return db.$count(cases, isToRejudge);
}

/**
 * Judges everyone who was last judged by other rules: after an update, a new policy or checklist, or an import that moved people to another
 * country. Nothing is solved and nobody is written to: what the new rules alone make due is held back until a coordinator releases it. Goes on
 * where it was stopped, since whoever is judged has the version of now; several processes may do so at once. How far it is stands in the log.
 *
 * Cost: some twenty statements for a hundred people.
 *
 * @param shallGoOn asked before each batch: the rest is left for the next call where it says no
 * @returns how many were judged
 */
export async function reassessOutdatedCases(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	const left = await countCasesToReassess(db);
	let done = 0;
	let after = '00000000-0000-0000-0000-000000000000';
	while (left > 0 && shallGoOn()) {
		const batch = await db
			.select({ personId: cases.personId })
			.from(cases)
			.where(and(isToRejudge, gt(cases.personId, after)))
			.orderBy(asc(cases.personId))
			.limit(BATCH);
		const last = batch.at(-1);
		if (!last) break;
		after = last.personId;
		done += await judgeTogether(
			db,
			batch.map(({ personId }) => personId),
			clock()
		);
		log({ level: 'info', event: 'rejudging', done, of: left });
	}
	return done;
}

/** Judges people in one transaction; where one of them can't be judged, each alone, so that nobody keeps another waiting. */
async function judgeTogether(db: Db, personIds: readonly string[], now: Date): Promise<number> {
	try {
		return await inTransaction(db, async (tx) => {
			const people = await lockPeople(tx, personIds);
			await reassessCases(tx, people, now);
			return people.length;
		});
	} catch (error) {
		if (personIds.length === 1) {
			// Looked at again in the next run.
			log({ level: 'error', event: 'rejudging-fault', ...describeError(error) });
			return 0;
		}
		let done = 0;
		for (const id of personIds) done += await judgeTogether(db, [id], now);
		return done;
	}
}
