import { sql } from 'drizzle-orm';
import type { GroupedTimeToEvent } from '../../core/workforce/statistics/log-rank';
import type { PlanTimeToEvent } from '../../core/workforce/screen-parts';
import type { Db } from '../platform/db/client';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { hadLeftBy, observedUntil, publishedRows, snapshotRows, type Snapshot } from './snapshot';

/** Times in days; equal ones are combined: a row may stand for thousands. */
type SpellRow = GroupedTimeToEvent & Record<string, unknown>;

/**
 * Days from the newest answers to the plan carried out; people who have not are observed until the closing day. By whether a gap stays open
 * with it.
 */
export async function readTimesToFix(db: Db, snapshot: Snapshot): Promise<PlanTimeToEvent[]> {
	const { rows } = await db.execute<PlanTimeToEvent & Record<string, unknown>>(sql`
		select greatest(0, coalesce(o.carried_on, ${observedUntil(snapshot)}) - o.answered_on)::int as time, o.carried_on is not null as event,
			case when o.heights_after = 'off' then 'open' else 'closed' end as group, o.has_plan as "hasPlan", count(*)::int as count
		from ${snapshotRows(snapshot)} group by 1, 2, 3, 4`);
	return rows;
}

/** Answers this many days before the closing day are looked at: two years. */
const ACT_WITHIN_DAYS = 731;

/**
 * Days from each person's newest answers to being dealt with by a coordinator, for answers of the two years before the closing day; people
 * whose answers wait are observed until then.
 */
export async function readTimesToAct(db: Db, snapshot: Snapshot): Promise<GroupedTimeToEvent[]> {
	const { on, isLive } = snapshot;
	const dayOf = (column: 'answered_at' | 'seen_at') =>
		sql`(a.${sql.raw(column)} at time zone ${organisationZone})::date`;
	const newest = isLive
		? sql`select distinct on (a.person_id) ${dayOf('answered_at')} as answered, ${dayOf('seen_at')} as seen, ${on}::date as until from assessments a
			where a.place_of is null and ${dayOf('answered_at')} <= ${on}::date and not ${hadLeftBy(sql`a.person_id`, snapshot)}
			order by a.person_id, a.answered_at desc`
		: sql`select o.answered_on as answered, o.seen_on as seen, o.as_of as until from ${publishedRows(on)} and o.answered_on is not null`;
	const { rows } = await db.execute<SpellRow>(sql`
		select greatest(0, case when seen <= until then seen else until end - answered)::int as time,
			coalesce(seen <= until, false) as event, '' as group, count(*)::int as count
		from (${newest}) t where answered <= until and answered > until - ${ACT_WITHIN_DAYS}::int group by 1, 2`);
	return rows;
}
