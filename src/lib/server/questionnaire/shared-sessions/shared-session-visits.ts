import { eq, lt } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { publishChange } from '../../platform/live/changes';
import { MOST_STREAM_MS } from '../../platform/live/event-stream';
import { describeError, log } from '../../platform/log';

const { sharedSessionVisits } = schema;

/** Who stayed longer than any stream lasts has left without saying so: their process ended. */
const LONGEST_MS = MOST_STREAM_MS + 30_000;

/**
 * Says that one side has a shared session open, for as long as its stream lasts.
 * @param userId the coordinator; null for the person
 * @returns to be called at its end
 */
export async function visitSharedSession(
	db: Db,
	sharedSessionId: string,
	userId: string | null,
	now: Date
): Promise<() => void> {
	await db.delete(sharedSessionVisits).where(lt(sharedSessionVisits.since, visitsSince(now)));
	const [visit] = await db
		.insert(sharedSessionVisits)
		.values({ sharedSessionId, userId, since: now })
		.returning({ id: sharedSessionVisits.id });
	if (!visit) throw new Error('An insert returned no row');
	await publishChange(db, `sharedSession:${sharedSessionId}`);
	return () => {
		const leave = async () => {
			await db.delete(sharedSessionVisits).where(eq(sharedSessionVisits.id, visit.id));
			await publishChange(db, `sharedSession:${sharedSessionId}`);
		};
		// The stream is over: nobody waits. A row that stays is passed over once it is old.
		leave().catch((error: unknown) =>
			log({ level: 'warn', event: 'walkthrough-left', ...describeError(error) })
		);
	};
}

export const visitsSince = (now: Date): Date => new Date(now.getTime() - LONGEST_MS);
