import { sql, type SQL } from 'drizzle-orm';
import { CHECK_IDS } from '../../core/workstation/checks/check-values';
import { PLAN_COURSES, type PlanCourse } from '../../core/workforce/report';
import type { GapPairs, ScoreChange } from '../../core/workforce/screen-parts';
import type { Grouping } from '../../core/workforce/codes';
import type { Db } from '../platform/db/client';
import { groupKey, snapshotRows, type Snapshot } from './snapshot';

/** A group of a dimension, or everyone. */
export interface PeopleGroup {
	readonly by: Grouping;
	readonly key: string;
}

const within = (group: PeopleGroup | null): SQL =>
	group === null ? sql`true` : sql`${groupKey(group.by)} = ${group.key}`;

/** Whether a requested item had arrived by the closing day. */
const hasBought = ({ on, isLive }: Snapshot) =>
	!isLive
		? sql`o.bought_on is not null`
		: sql`exists (select from equipment_requests e join assessments s on s.id = e.assessment_id
	where s.person_id = o.person_id and e.state = 'arrived' and e.changed_at < ${on}::date + 1)`;

/**
 * Whether someone who has or had a plan, and had discomfort at first or has now, reported again, and whether the plan was carried out
 * before that.
 */
export const REPORTED_AGAIN_SQL = sql`(o.has_plan or o.first_carried_on is not null) and o.reported_on > o.first_reported_on and o.worst + o.first_worst > 0`;
export const CARRIED_OUT_SQL = sql`coalesce(o.first_carried_on < o.reported_on, false)`;

/** How people's worst score changed from their first report to the newest, by the outcome of their plan. */
export async function readScoreChanges(
	db: Db,
	snapshot: Snapshot,
	group: PeopleGroup | null
): Promise<Map<PlanCourse, ScoreChange[]>> {
	const { rows } = await db.execute<ScoreChange & { course: PlanCourse; [key: string]: unknown }>(sql`
		select case when not ${CARRIED_OUT_SQL} then 'not-done' when ${hasBought(snapshot)} then 'bought' else 'household' end as course,
			o.first_worst as before, o.worst - o.first_worst as change, count(*)::int as count
		from ${snapshotRows(snapshot)} and ${within(group)} and ${REPORTED_AGAIN_SQL} group by 1, 2, 3 order by 1, 2, 3`);
	return new Map(
		PLAN_COURSES.map((course) => [
			course,
			rows
				.filter((row) => row.course === course)
				.map(({ before, change, count }) => ({ before, change, count }))
		])
	);
}

/**
 * Reads how far checks were and are off, for people assessed twice. Cost: one pass over the snapshot; the result grows with the number of
 * distinct gaps, not of people.
 */
export async function readGaps(db: Db, snapshot: Snapshot, group: PeopleGroup | null): Promise<GapPairs[]> {
	const { rows } = await db.execute<{ check: number; first: number; now: number; count: number }>(sql`
		select g.place::int as check, g.first, g.now, sum(o.n)::int as count
		from (select o.first_gaps_mm as first_gaps, o.gaps_mm as gaps, count(*) as n
				from ${snapshotRows(snapshot)} and ${within(group)} and o.on_day > o.first_on group by 1, 2) o,
			unnest(o.first_gaps, o.gaps) with ordinality g(first, now, place)
		where g.first is not null and g.now is not null group by 1, 2, 3`);
	return CHECK_IDS.map((check, i) => ({
		check,
		pairs: rows.filter((row) => row.check === i + 1).map(({ first, now, count }) => ({ first, now, count }))
	}));
}
