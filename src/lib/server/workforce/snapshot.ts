import { sql, type SQL } from 'drizzle-orm';
import type { Grouping } from '../../core/workforce/codes';
import { organisationZone } from '../platform/organisation/organisation-zone';

/** The people a figure is about. */
export interface Snapshot {
	/** The day, ISO. */
	readonly on: string;
	/** Whether they are counted as they are on that day; at a closing, as they were published. */
	readonly isLive: boolean;
}

/** Days before the closing day within which someone must have been asked. */
export const ASKED_WITHIN_DAYS = 365;

const KEY_OF: Readonly<Record<Grouping, SQL>> = {
	team: sql`o.team`,
	country: sql`o.country`,
	round: sql`coalesce(o.round_id::text, '')`,
	way: sql`o.sitting_style`,
	route: sql`o.questionnaire_mode`,
	spot: sql`o.place`,
	time: sql`to_char(o.answered_on, 'YYYY "Q"Q')`
};

/** The key of a group in a statement over {@link snapshotRows}. */
export const groupKey = (by: Grouping) => KEY_OF[by];

/** Whether someone had left by the closing day; few have, and people_left_idx lists them. */
export const hadLeftBy = (personId: SQL, { on }: Pick<Snapshot, 'on'>): SQL =>
	sql`${personId} in (select l.id from people l where l.left_at is not null
		and (l.left_at at time zone ${organisationZone})::date <= ${on}::date)`;

/** Rows of published states as `o`, while the closing is published. Cost: one pass over them. */
export const publishedRows = (on: string): SQL => sql`published_states o where o.as_of <= ${on}::date`;

/**
 * The rows that statistics are made from, as `o`: everyone who has answered. Today, the state of that day without people who had left; at a
 * closing, what is published of each. Cost: one pass over all observations, or published states; no index helps where a third or more of
 * them is needed.
 */
export function snapshotRows(snapshot: Snapshot): SQL {
	const { on, isLive } = snapshot;
	if (!isLive) return sql`${publishedRows(on)} and o.first_on is not null`;
	return sql`observations o
		where o.on_day <= ${on}::date and (o.until_day is null or o.until_day > ${on}::date) and o.first_on is not null
			and not ${hadLeftBy(sql`o.person_id`, snapshot)}`;
}

/** The day until which a row of the snapshot was observed: an earlier closing for people whose state waits to be renewed. */
export const observedUntil = ({ on, isLive }: Snapshot): SQL => (isLive ? sql`${on}::date` : sql`o.as_of`);
