import { and, asc, eq, gt, lt, ne } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { describeError, log } from '../log';
import { publishChange } from './changes';
import { MOST_STREAM_MS } from './event-stream';

const { caseVisitors, users } = schema;

/** Who stayed longer than any stream lasts has left without saying so: their process ended. */
const LONGEST_MS = MOST_STREAM_MS + 30_000;

interface Visit {
	readonly personId: string;
	readonly userId: string;
}

/**
 * Says that an account has a case open, for as long as its stream lasts.
 * @returns to be called at its end
 */
export async function visitCase(db: Db, { personId, userId }: Visit, now: Date): Promise<() => void> {
	await db.delete(caseVisitors).where(lt(caseVisitors.since, new Date(now.getTime() - LONGEST_MS)));
	const [visit] = await db
		.insert(caseVisitors)
		.values({ personId, userId, since: now })
		.returning({ id: caseVisitors.id });
	if (!visit) throw new Error('An insert returned no row');
	await publishChange(db, `case:${personId}`);
	return () => {
		const leave = async () => {
			await db.delete(caseVisitors).where(eq(caseVisitors.id, visit.id));
			await publishChange(db, `case:${personId}`);
		};
		// The stream is over: nobody waits. A row that stays is passed over once it is old.
		leave().catch((error: unknown) => log({ level: 'warn', event: 'case-left', ...describeError(error) }));
	};
}

/** The names of others who have a case open now, each once. One look-up by case_visitors_person_idx. */
export async function othersOnCase(db: Db, { personId, userId }: Visit, now: Date): Promise<string[]> {
	const rows = await db
		.selectDistinct({ name: users.name })
		.from(caseVisitors)
		.innerJoin(users, eq(users.id, caseVisitors.userId))
		.where(
			and(
				eq(caseVisitors.personId, personId),
				ne(caseVisitors.userId, userId),
				gt(caseVisitors.since, new Date(now.getTime() - LONGEST_MS))
			)
		)
		.orderBy(asc(users.name));
	return rows.map(({ name }) => name);
}
