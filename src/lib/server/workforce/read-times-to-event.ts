import { sql } from 'drizzle-orm';
import type { GroupedTimeToEvent } from '../../core/statistics';
import type { Db } from '../db/client';
import { organisationZone } from '../people/lock-person';
import { hadLeftBy, snapshotRows, type Snapshot } from './snapshot';

/** Times in days; equal ones are combined: a row may stand for thousands. */
type SpellRow = GroupedTimeToEvent & Record<string, unknown>;

/** The time from answers to a plan carried out; for people without a plan, only their number. */
export interface PlanTimeToEvent extends GroupedTimeToEvent {
	readonly hasPlan: boolean;
	readonly count: number;
}

/**
 * Days from the newest answers to the plan carried out; people who have not are observed until the closing day. By whether a gap stays open
 * with it.
 */
export async function readTimesToFix(db: Db, snapshot: Snapshot): Promise<PlanTimeToEvent[]> {
	const { rows } = await db.execute<PlanTimeToEvent & Record<string, unknown>>(sql`
		select greatest(0, coalesce(o.carried_on, ${snapshot.on}::date) - o.answered_on)::int as time, o.carried_on is not null as event,
			case when o.stays_open then 'open' else 'closed' end as group, o.has_plan as "hasPlan", count(*)::int as count
		from ${snapshotRows(snapshot)} group by 1, 2, 3, 4`);
	return rows;
}

/** Days from answers to being dealt with by a coordinator, for answers of the two years before the closing day. */
export async function readTimesToAct(db: Db, snapshot: Snapshot): Promise<GroupedTimeToEvent[]> {
	const { on } = snapshot;
	const dayOf = (column: 'answered_at' | 'seen_at' | 'sent_at') =>
		sql`(a.${sql.raw(column)} at time zone ${organisationZone})::date`;
	const { rows } = await db.execute<SpellRow>(sql`
		select greatest(0, case when seen <= ${on}::date then seen else ${on}::date end - answered)::int as time,
			coalesce(seen <= ${on}::date, false) as event, '' as group, count(*)::int as count
		from (select ${dayOf('answered_at')} as answered, ${dayOf('seen_at')} as seen from assessments a
			where a.spot_of is null and a.answered_at is not null and not ${hadLeftBy(sql`a.person_id`, snapshot)}) t
		where answered <= ${on}::date and answered > ${on}::date - 731 group by 1, 2`);
	return rows;
}
