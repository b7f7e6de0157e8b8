import { and, asc, eq, gt, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Corner } from '../../core/corner';
import type { Thing } from '../../core/judgement';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { describeError, log } from '../log';
import { lockPerson } from '../people/lock-person';
import { currentPlanOf } from '../plans/current-plan';
import { makePlan } from '../plans/make-plan';
import { solveSpots, type SolvedSpot } from '../plans/solve-spots';
import type { Planning } from '../planning/planning';
import { spotRows, type SpotRow } from '../assessments/spots';
import { judgeAnew } from './judge-anew';

const { assessments, cases, stepEvents, stepTicks } = schema;

/** People judged between two lines of the log. */
const BATCH = 200;

/** People worked on at once: while one is solved, another is written. */
const AT_ONCE = 4;

/** How many people who were sent something have never been judged; an index-only count over cases_unjudged_idx. */
export function countUnjudged(db: Db): Promise<number> {
	return db.$count(cases, and(isNull(cases.judgementId), isNotNull(cases.sentAt)));
}

/**
 * Judges everyone who has never been judged, as after an update from a version that kept no judgements: plans that people were given
 * are solved once more and kept, ticks become theirs, and the case is judged. Goes on where it was stopped, since what is done is known by
 * its judgement; several processes may do so at once. How far it is stands in the log, a line for every two hundred people.
 *
 * @param shallGoOn asked before each batch: the rest is left for the next call where it says no
 * @returns how many were judged
 */
export async function judgeTheUnjudged(
	db: Db,
	planning: Planning,
	clock: () => Date,
	shallGoOn: () => boolean = () => true
): Promise<number> {
	let done = 0;
	let after = '00000000-0000-0000-0000-000000000000';
	const left = await countUnjudged(db);
	if (left === 0) return 0;
	while (shallGoOn()) {
		const batch = await db
			.select({ personId: cases.personId })
			.from(cases)
			.where(and(isNull(cases.judgementId), isNotNull(cases.sentAt), gt(cases.personId, after)))
			.orderBy(asc(cases.personId))
			.limit(BATCH);
		const last = batch.at(-1);
		if (!last) return done;
		const waiting = batch.map(({ personId }) => personId);
		await Promise.all(
			Array.from({ length: AT_ONCE }, async () => {
				for (let id = waiting.shift(); id !== undefined; id = waiting.shift()) {
					// A person whose data can't be judged is looked at again at the next start, and keeps nobody waiting.
					if (await judgeFirst(db, id, planning, clock())) done += 1;
				}
			})
		);
		after = last.personId;
		log({ level: 'info', event: 'first-judging', done, of: left });
	}
	return done;
}

async function judgeFirst(db: Db, personId: string, planning: Planning, now: Date): Promise<boolean> {
	try {
		const rows = await answeredSpotsOf(db, personId);
		const bare = [];
		for (const row of rows) if (!(await currentPlanOf(db, row.id))) bare.push(row);
		const solved =
			bare.length === 0
				? []
				: await solveFirst(
						rows.flatMap(({ corner }) => corner ?? []),
						planning
					);
		await inTransaction(db, async (tx) => {
			const person = await lockPerson(tx, personId);
			if (!person) return;
			for (const [i, row] of rows.entries()) await keepPlan(tx, row, solved[i]);
			await judgeAnew(tx, personId, now);
		});
		return true;
	} catch (error) {
		log({ level: 'error', event: 'first-judging-fault', ...describeError(error) });
		return false;
	}
}

/** As far as a judgement needs it: what would help besides is worked out when everyone is judged. */
async function solveFirst(spots: readonly Corner[], planning: Planning): Promise<SolvedSpot[]> {
	const [corner] = spots;
	return corner && spots.length === 1
		? [{ corner, advice: await planning.adviseBriefly(corner), moving: null }]
		: solveSpots(spots, planning);
}

/** The answered spots of a person's newest answers, the first one first. */
async function answeredSpotsOf(db: Db, personId: string): Promise<SpotRow[]> {
	const [newest] = await db
		.select({ id: assessments.id, spotOf: assessments.spotOf })
		.from(assessments)
		.where(
			and(eq(assessments.personId, personId), isNull(assessments.spotOf), isNotNull(assessments.answeredAt))
		)
		.orderBy(sql`${assessments.sentAt} desc`)
		.limit(1);
	if (!newest) return [];
	return (await spotRows(db, newest)).filter(({ corner }) => corner !== null);
}

/** The plan as it was worked out when the answers came in, with the steps that were ticked. */
async function keepPlan(tx: Db, row: SpotRow, solved: SolvedSpot | undefined): Promise<void> {
	if (!solved || !row.answeredAt || (await currentPlanOf(tx, row.id))) return;
	await makePlan(tx, { assessmentId: row.id, ...solved, chosen: 0, why: 'earlier' }, row.answeredAt);
	const plan = await currentPlanOf(tx, row.id);
	const ticks = await tx.delete(stepTicks).where(eq(stepTicks.assessmentId, row.id)).returning();
	const done = ticks.filter((tick) => tick.done && plan?.steps.some(({ place }) => place === tick.place));
	if (plan && done.length > 0)
		await tx.insert(stepEvents).values(
			done.map(({ place, at }) => ({
				planId: plan.id,
				thing: place as Thing,
				isDone: true,
				source: 'tick' as const,
				at
			}))
		);
}
