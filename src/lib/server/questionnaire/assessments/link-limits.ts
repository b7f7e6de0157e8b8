import { sql } from 'drizzle-orm';
import { civilDateIn } from '../../../core/platform/calendar/time-zone';
import { schema, type Db } from '../../platform/db/client';
import type { LINK_USES } from '../../platform/db/schema/assessments';
import { DomainError } from '../../platform/domain-error';

const { linkUses } = schema;

/** What one link may do in a day, far above what any person does. Our working assumptions. */
export const MAX_PER_DAY: Readonly<Record<(typeof LINK_USES)[number], number>> = {
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

/** Most fields in one self-assessment: all there are, forty household items, and what does not work here. */
export const MAX_FIELDS_KEPT = 900;

/** Counts one use of a link, and refuses it beyond the day's limit. Within the act's transaction, so a refused use is not counted. */
export async function countLinkUse(
	tx: Db,
	assessmentId: string,
	kind: (typeof LINK_USES)[number],
	now: Date
): Promise<void> {
	const [row] = await tx
		.insert(linkUses)
		.values({ assessmentId, day: civilDateIn('UTC', now), kind, times: 1 })
		.onConflictDoUpdate({
			target: [linkUses.assessmentId, linkUses.day, linkUses.kind],
			set: { times: sql`${linkUses.times} + 1` }
		})
		.returning({ times: linkUses.times });
	if ((row?.times ?? 0) > MAX_PER_DAY[kind]) throw new DomainError('too-many', TOO_MANY[kind]);
}
