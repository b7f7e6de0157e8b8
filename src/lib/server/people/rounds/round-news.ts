import { and, count, eq, lte } from 'drizzle-orm';
import { isoDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';

const { roundPeople, rounds } = schema;

/** What a page that follows a round shows. */
export interface RoundNews {
	readonly state: (typeof rounds.$inferSelect)['state'] | null;
	readonly progress: Readonly<Record<string, number>>;
	/** Reminders about to be written. */
	readonly due: number;
}

/** The number of people of a round in each state; an index-only count over round_people_state_idx. */
export async function roundProgressOf(db: Db, id: string): Promise<Record<string, number>> {
	const rows = await db
		.select({ state: roundPeople.state, n: count() })
		.from(roundPeople)
		.where(eq(roundPeople.roundId, id))
		.groupBy(roundPeople.state);
	return Object.fromEntries(rows.map(({ state, n }) => [state, n]));
}

/** The state of a round: two index counts and one row. */
export async function roundNewsOf(db: Db, id: string, now: Date): Promise<RoundNews> {
	const [[round], progress, [due]] = await Promise.all([
		db.select({ state: rounds.state }).from(rounds).where(eq(rounds.id, id)),
		roundProgressOf(db, id),
		db
			.select({ n: count() })
			.from(roundPeople)
			.where(
				and(
					eq(roundPeople.roundId, id),
					eq(roundPeople.state, 'sent'),
					lte(roundPeople.remindOn, isoDay(now, 'UTC'))
				)
			)
	]);
	return { state: round?.state ?? null, progress, due: due?.n ?? 0 };
}
