import { eq, lt } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { publishChange } from '../../platform/live/changes';
import { MOST_STREAM_MS } from '../../platform/live/event-stream';
import { describeError, log } from '../../platform/log';

const { walkthroughVisits } = schema;

/** Who stayed longer than any stream lasts has left without saying so: their process ended. */
const LONGEST_MS = MOST_STREAM_MS + 30_000;

/**
 * Says that one side has a walkthrough open, for as long as its stream lasts.
 * @param userId the coordinator; null for the person
 * @returns to be called at its end
 */
export async function visitWalkthrough(
	db: Db,
	walkthroughId: string,
	userId: string | null,
	now: Date
): Promise<() => void> {
	await db.delete(walkthroughVisits).where(lt(walkthroughVisits.since, visitsSince(now)));
	const [visit] = await db
		.insert(walkthroughVisits)
		.values({ walkthroughId, userId, since: now })
		.returning({ id: walkthroughVisits.id });
	if (!visit) throw new Error('An insert returned no row');
	await publishChange(db, `walkthrough:${walkthroughId}`);
	return () => {
		const leave = async () => {
			await db.delete(walkthroughVisits).where(eq(walkthroughVisits.id, visit.id));
			await publishChange(db, `walkthrough:${walkthroughId}`);
		};
		// The stream is over: nobody waits. A row that stays is passed over once it is old.
		leave().catch((error: unknown) =>
			log({ level: 'warn', event: 'walkthrough-left', ...describeError(error) })
		);
	};
}

/** Since when those who are present now have come at the earliest. */
export const visitsSince = (now: Date): Date => new Date(now.getTime() - LONGEST_MS);
