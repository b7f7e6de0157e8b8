import { organisationZone } from '../platform/organisation/organisation-zone';
import { desc, sql } from 'drizzle-orm';
import { schema, type Db } from '../platform/db/client';

const { workforceClosings } = schema;

/** Most closing days kept and offered: three years of months. */
export const MOST_CLOSINGS = 36;

/** How far back the first closings reach, months: what an overview of a year compares. */
const FIRST_MONTHS = 13;

/** The closings whose figures are published, newest first. */
export async function readReportingDates(db: Db): Promise<string[]> {
	const rows = await db
		.select({ on: workforceClosings.on })
		.from(workforceClosings)
		.orderBy(desc(workforceClosings.on))
		.limit(MOST_CLOSINGS);
	return rows.map(({ on }) => on);
}

/**
 * The month ends before today that are to be published next, oldest first: those after the newest published one; at first a year of
 * them, as far as there are self-assessments. Cost: two look-ups by index.
 * @param today the organisation's date, ISO
 */
export async function readDueClosings(db: Db, today: string): Promise<string[]> {
	const { rows } = await db.execute<{ on: string }>(sql`
		with began as (select coalesce((select max(on_day) + 1 from workforce_closings),
			(select greatest((min(sent_at) at time zone ${organisationZone})::date, ${today}::date - make_interval(months => ${FIRST_MONTHS}::int))::date
				from assessments where place_of is null having min(sent_at) is not null)) as day)
		select (m + interval '1 month - 1 day')::date::text as on
		from began, generate_series(date_trunc('month', day::timestamp), ${today}::date::timestamp, interval '1 month') m
		where (m + interval '1 month - 1 day')::date < ${today}::date order by m`);
	return rows.map(({ on }) => on);
}
