import { addDays, weekdayOf } from '../src/lib/core/platform/calendar/civil-date';
import { civilDateIn } from '../src/lib/core/platform/calendar/time-zone';
import { BREAK_SCHEDULES } from '../src/lib/core/breaks/break-schedules';
import { schema, type Db } from '../src/lib/server/platform/db/client';

const { breakSettings, breakWeeks } = schema;

/** Full weeks shared by someone who shares their breaks. */
const WEEKS = 5;

/** People who share how they take breaks, each with a break schedule and some weeks of their own. */
export async function seedMoving(db: Db, personIds: readonly string[], now: Date): Promise<void> {
	const today = civilDateIn('UTC', now);
	const monday = addDays(today, -((weekdayOf(today) + 6) % 7));
	for (const [i, personId] of personIds.entries()) {
		await db
			.insert(breakSettings)
			.values({ personId, breakSchedule: BREAK_SCHEDULES[i % BREAK_SCHEDULES.length] ?? null, sharedAt: now })
			.onConflictDoNothing();
		await db.insert(breakWeeks).values(
			Array.from({ length: WEEKS }, (_, n) => ({
				personId,
				week: addDays(monday, -7 * (n + 1)),
				planned: 60 + 5 * (i % 4),
				taken: 24 + 4 * ((i * 3 + n) % 8)
			}))
		);
	}
}
