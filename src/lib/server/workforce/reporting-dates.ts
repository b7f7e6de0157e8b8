import { sql } from 'drizzle-orm';
import { MIN_GROUP_SIZE } from '../../core/workforce';
import type { Db } from '../db/client';

/** Most closing days offered: three years of months. */
const MOST = 36;

/**
 * The month ends for which figures can be viewed, newest first. One that fewer than {@link MIN_GROUP_SIZE} people joined since the one
 * before is left out: comparing both would reveal the few. Cost: one pass over the newest observations.
 * @param today the organisation's date, ISO; the current month is not offered
 */
export async function readReportingDates(db: Db, today: string): Promise<string[]> {
	const { rows } = await db.execute<{ on: string; joined: number }>(sql`
		with firsts as (select date_trunc('month', first_on)::date as month, count(*)::int as joined from observations
				where until_day is null and first_on is not null group by 1)
		select (m + interval '1 month - 1 day')::date::text as on, coalesce(f.joined, 0) as joined
		from generate_series((select min(month) from firsts), ${today}::date, interval '1 month') m left join firsts f on f.month = m::date
		where (m + interval '1 month - 1 day')::date < ${today}::date order by m`);
	const offered: string[] = [];
	let waiting = 0;
	for (const { on, joined } of rows) {
		waiting += joined;
		if (waiting > 0 && waiting < MIN_GROUP_SIZE) continue;
		offered.push(on);
		waiting = 0;
	}
	return offered.reverse().slice(0, MOST);
}
