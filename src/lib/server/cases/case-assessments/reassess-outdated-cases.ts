import { availableParallelism } from 'node:os';
import { and, asc, desc, gt, lt, or, type Placeholder, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { countUpTo, sumUpTo } from '../../platform/db/count-up-to';
import { inTransaction } from '../../platform/db/transaction';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { publishChange } from '../../platform/live/changes';
import { publishThrottled } from '../../platform/live/publish-throttled';
import { describeError, log } from '../../platform/log';
import { lockPeople } from '../../people/lock-person';
import { readRules } from '../../platform/rules/read-rules';
import { reassessCases } from './reassess-cases';

const { cases } = schema;

/** Below and above every id. */
const [LOWEST_ID, HIGHEST_ID] = [
	'00000000-0000-0000-0000-000000000000',
	'ffffffff-ffff-ffff-ffff-ffffffffffff'
];

/** From one end of the cases, or from both at once: of two processors, one is left to the people at the desk. */
const USUAL_ENDS = availableParallelism() > 2 ? 2 : 1;

/** People assessed in one transaction: a dozen statements serve all. */
const BATCH = 100;

/** The name of the rules in force, or its place in a statement. */
type RulesName = string | Placeholder;

/** Cases last assessed under other rules, or that an import marked. */
const isToRejudge = (name: string) => or(isBefore(name), isAfter(name));

/** The two ends of cases_rules_version_idx, which are empty once everyone is done. */
const isBefore = (name: RulesName) => lt(cases.rulesVersion, name);
const isAfter = (name: RulesName) => gt(cases.rulesVersion, name);

/** Number of people still to be assessed under the present rules. */
export async function countCasesToReassess(db: Db): Promise<number> {
	const { name } = await readRules(db);
	return (await db.$count(cases, isBefore(name))) + (await db.$count(cases, isAfter(name)));
}

/**
 * The same as part of a statement, counted to `MOST_COUNTED`.
 * @param name of the rules in force
 */
export const casesToReassess = (name: RulesName): SQL<number> =>
	sumUpTo(countUpTo(cases, isBefore(name)), countUpTo(cases, isAfter(name)));

/**
 * Assesses everyone last assessed under other rules: after an update, a new policy or checklist, or an import that moved people to another
 * country. No plan is solved and nobody is emailed: what falls due only because of new rules is held back until a coordinator releases it.
 * Resumes where it was stopped, since anyone assessed has the present version; several processes may run it at once. Progress is logged.
 * Cost: some twenty statements per hundred people.
 * @param shallGoOn asked before each batch: the rest is left for the next call where it says no
 * @param ends 1 or 2: from how many ends at once
 * @returns how many were judged
 */
export async function reassessOutdatedCases(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue = alwaysContinue,
	ends: number = USUAL_ENDS
): Promise<number> {
	const left = await countCasesToReassess(db);
	let done = 0;
	// From both ends until they meet: while one batch waits for the database, the other is computed.
	const span = { low: LOWEST_ID, high: HIGHEST_ID };
	const work = async (order: typeof asc, changed: () => Promise<void>) => {
		while (left > 0 && shallGoOn()) {
			// Read before each batch: settings may be published while this runs.
			const { name } = await readRules(db);
			const batch = await db
				.select({ personId: cases.personId })
				.from(cases)
				.where(and(isToRejudge(name), gt(cases.personId, span.low), lt(cases.personId, span.high)))
				.orderBy(order(cases.personId))
				.limit(BATCH);
			// While this was read, the other end may have taken some of them: each is judged once.
			const mine = batch
				.map(({ personId }) => personId)
				.filter((personId) => personId > span.low && personId < span.high);
			const last = mine.at(-1);
			if (!last) break;
			if (order === asc) span.low = last;
			else span.high = last;
			const judged = await judgeTogether(db, mine, clock());
			// Not added to what was read before: the other end counts, too.
			done += judged;
			await changed();
			log({ level: 'info', event: 'rejudging', done, of: left });
		}
	};
	await publishThrottled(
		() => publishChange(db, 'desk'),
		(changed) => Promise.all([asc, desc].slice(0, ends).map((order) => work(order, changed)))
	);
	return done;
}

/** Assesses people in one transaction; if one fails, each separately, so that nobody holds up another. */
async function judgeTogether(db: Db, personIds: readonly string[], now: Date): Promise<number> {
	try {
		return await inTransaction(db, async (tx) => {
			const people = await lockPeople(tx, personIds);
			await reassessCases(tx, people, now, { isForRulesAlone: true });
			return people.length;
		});
	} catch (error) {
		if (personIds.length === 1) {
			// Tried again in the next run.
			log({ level: 'error', event: 'rejudging-fault', ...describeError(error) });
			return 0;
		}
		let done = 0;
		for (const id of personIds) done += await judgeTogether(db, [id], now);
		return done;
	}
}
