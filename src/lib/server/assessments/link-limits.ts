import { sql } from 'drizzle-orm';
import { dayIn } from '../../core/calendar';
import { schema, type Db } from '../db/client';
import type { LINK_USES } from '../db/schema/assessments';
import { Fault } from '../fault';

const { linkUses } = schema;

/** What one link may do in a day, far above what any person does. Working assumptions of ours. */
export const A_DAY: Readonly<Record<(typeof LINK_USES)[number], number>> = {
	solve: 80,
	message: 30,
	measure: 100,
	request: 60
};

const TOO_MANY = {
	solve: 'tooManySolves',
	message: 'tooManyMessages',
	measure: 'tooManyMeasures',
	request: 'tooManyRequests'
} as const satisfies Record<(typeof LINK_USES)[number], string>;

/** Fields that one self-assessment holds at most: all that there are, forty things, and what does not work here. */
export const MOST_FIELDS_KEPT = 900;

/** Counts one use of a link, and refuses it beyond the day's limit. Within the act's transaction: what is refused is not counted. */
export async function countUse(
	tx: Db,
	assessmentId: string,
	kind: (typeof LINK_USES)[number],
	now: Date
): Promise<void> {
	const [row] = await tx
		.insert(linkUses)
		.values({ assessmentId, day: dayIn('UTC', now), kind, times: 1 })
		.onConflictDoUpdate({
			target: [linkUses.assessmentId, linkUses.day, linkUses.kind],
			set: { times: sql`${linkUses.times} + 1` }
		})
		.returning({ times: linkUses.times });
	if ((row?.times ?? 0) > A_DAY[kind]) throw new Fault('too-many', TOO_MANY[kind]);
}
