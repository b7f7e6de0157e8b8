import { sql } from 'drizzle-orm';
import { addDays, weekdayOf, type CivilDate } from '../../core/calendar';
import { MIN_GROUP_SIZE } from '../../core/workforce';
import type { Db } from '../db/client';

/** Whole weeks that are summed. */
const WEEKS = 4;

/** Figures are told in steps of so many people, and so many percent: one person more or less shows in neither. */
const STEP = 5;

/** How those break who share it, all together. */
export interface BreakTotals {
	/** At least so many share it. */
	readonly atLeast: number;
	/** Of the breaks that were planned, taken; percent, to the nearest five. */
	readonly takenPercent: number;
}

/**
 * Breaks of the last four whole weeks, of everybody who shares theirs; null where they are fewer than five. Never by group, and rounded: with
 * someone who begins to share, or stops, nothing of theirs can be told from the difference.
 *
 * Cost: along the weeks of those who share, few rows each.
 */
export async function breakTotals(db: Db, today: CivilDate): Promise<BreakTotals | null> {
	const monday = addDays(today, -((weekdayOf(today) + 6) % 7));
	const { rows } = await db.execute<{ people: number; planned: number; taken: number }>(sql`
		select count(distinct person_id)::int as people, coalesce(sum(planned), 0)::int as planned, coalesce(sum(taken), 0)::int as taken
		from moving_weeks where week >= ${addDays(monday, -7 * WEEKS)} and week < ${monday}`);
	const [{ people, planned, taken } = { people: 0, planned: 0, taken: 0 }] = rows;
	if (people < MIN_GROUP_SIZE || planned === 0) return null;
	return {
		atLeast: Math.floor(people / STEP) * STEP,
		takenPercent: Math.round(((taken / planned) * 100) / STEP) * STEP
	};
}
