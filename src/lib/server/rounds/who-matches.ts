import { and, count, eq, inArray, isNull, lt, or, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { RoundFilter } from '../db/schema/rounds';

const { cases, people } = schema;

const DAY_MS = 86_400_000;

/** Who a filter means: people who are here, can be reached, and match. */
export function matching(filter: RoundFilter, now: Date): SQL | undefined {
	const since = new Date(now.getTime() - filter.notAnsweredWithinDays * DAY_MS);
	return and(
		isNull(people.leftAt),
		isNull(people.bouncedAt),
		filter.teams.length > 0 ? inArray(people.team, [...filter.teams]) : undefined,
		filter.country ? eq(people.country, filter.country) : undefined,
		filter.notAnsweredWithinDays > 0 ? or(isNull(cases.answeredAt), lt(cases.answeredAt, since)) : undefined
	);
}

/** How many people a filter means just now. */
export async function countMatching(db: Db, filter: RoundFilter, now: Date): Promise<number> {
	const [row] = await db
		.select({ n: count() })
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(matching(filter, now));
	return row?.n ?? 0;
}
