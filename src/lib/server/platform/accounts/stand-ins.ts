import { and, asc, eq, isNull, sql, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../db/client';

const { users } = schema;

/** Whether an account is away on a day. */
export const isAwayOn = (today: string): SQL =>
	sql`coalesce(${today}::date between ${users.awayFrom} and ${users.awayUntil}, false)`;

/** The accounts whose cases are a user's on a day: their own, and those of colleagues they stand in for. */
export const standsFor = (userId: string, today: string): SQL =>
	sql`(select ${userId}::uuid union all select ${users.id} from ${users} where ${users.standInId} = ${userId}::uuid and ${isAwayOn(today)})`;

/** Colleagues for whom a user stands in on a day, and until when. One look-up by users_stand_in_idx. */
export function standsInFor(
	db: Db,
	userId: string,
	today: string
): Promise<{ name: string; until: string }[]> {
	return db
		.select({ name: users.name, until: sql<string>`${users.awayUntil}` })
		.from(users)
		.where(and(eq(users.standInId, userId), isAwayOn(today), isNull(users.closedAt)))
		.orderBy(asc(users.name));
}
