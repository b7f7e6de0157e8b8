import { and, asc, eq, gt, isNull, sql } from 'drizzle-orm';
import { keptAdvice } from '../../core/advice';
import { schema, type Db } from '../db/client';
import { describeError, log } from '../log';
import type { Planning } from '../planning/planning';

const { plans } = schema;

/** Plans read at once. */
const BATCH = 50;

/** Advice of a plan that is worked on, without other plans and purchases; served by plans_brief_idx. */
const isBrief = and(isNull(plans.endedAt), sql`${plans.advice} -> 'purchases' = 'null'::jsonb`);

/**
 * Works out what was left for later when everyone was judged for the first time: the other plans that are offered, and what a purchase
 * would change. The plan that is worked on stays as it is, and so does the judgement, which rests on nothing else.
 *
 * Cost: some tens of milliseconds of a planning thread for each, one at a time, so that whoever waits for a plan waits for one at most.
 *
 * @param shallGoOn asked before each: the rest is left for the next call where it says no
 * @returns how many were completed
 */
export async function completeAdvice(
	db: Db,
	planning: Planning,
	shallGoOn: () => boolean = () => true
): Promise<number> {
	let done = 0;
	let after = '00000000-0000-0000-0000-000000000000';
	while (shallGoOn()) {
		const batch = await db
			.select({ id: plans.id, corner: plans.corner })
			.from(plans)
			.where(and(isBrief, gt(plans.id, after)))
			.orderBy(asc(plans.id))
			.limit(BATCH);
		const last = batch.at(-1);
		if (!last) break;
		for (const { id, corner } of batch) {
			if (!shallGoOn()) return done;
			try {
				// The plan that they were given stays the one that is recommended: no ladder is laid under it afterwards.
				const advice = { ...keptAdvice(await planning.advise(corner)), ladder: null };
				const { rowCount } = await db
					.update(plans)
					.set({ advice })
					.where(and(eq(plans.id, id), isBrief));
				done += rowCount ?? 0;
			} catch (error) {
				// Looked at again in the next run, and keeps no other plan waiting.
				log({ level: 'error', event: 'advice-fault', ...describeError(error) });
			}
		}
		after = last.id;
	}
	return done;
}
