import { sql } from 'drizzle-orm';
import { addDays, weekdayOf, type CivilDate } from '../../core/platform/calendar/civil-date';
import { MIN_GROUP_SIZE } from '../../core/workforce/group-size-limit';
import type { Db } from '../platform/db/client';

const WEEKS = 4;

/** Totals are rounded to this many people, and this many percent, so that one person more or less shows in neither. */
const STEP = 5;

/** The breaks of everyone who shares them, in total. */
export interface BreakTotals {
	/** At least this many people share. */
	readonly atLeast: number;
	/** Percentage of planned breaks that were taken, rounded to five. */
	readonly takenPercent: number;
}

/**
 * Breaks of the last four whole weeks, of everyone who shares theirs; null where they are fewer than five. Never by group, and rounded:
 * when someone starts or stops sharing, the difference reveals nothing about them. Cost: the weeks of those who share, a few rows each.
 */
export async function breakTotals(db: Db, today: CivilDate): Promise<BreakTotals | null> {
	const monday = addDays(today, -((weekdayOf(today) + 6) % 7));
	const { rows } = await db.execute<{ people: number; planned: number; taken: number }>(sql`
		select count(distinct person_id)::int as people, coalesce(sum(planned), 0)::int as planned, coalesce(sum(taken), 0)::int as taken
		from break_weeks where week >= ${addDays(monday, -7 * WEEKS)} and week < ${monday}`);
	const [{ people, planned, taken } = { people: 0, planned: 0, taken: 0 }] = rows;
	if (people < MIN_GROUP_SIZE || planned === 0) return null;
	return {
		atLeast: Math.floor(people / STEP) * STEP,
		takenPercent: Math.round(((taken / planned) * 100) / STEP) * STEP
	};
}
