import { sql, type SQL } from 'drizzle-orm';
import type { Grouping } from '../../core/workforce';
import { organisationZone } from '../people/lock-person';

/** The people a figure is about: as of a closing day, and of one group if filtered. */
export interface Snapshot {
	/** The closing day, ISO. */
	readonly on: string;
}

/** The text by which a row of the snapshot is grouped. */
const KEY_OF: Readonly<Record<Grouping, SQL>> = {
	team: sql`o.team`,
	country: sql`o.country`,
	round: sql`coalesce(o.round_id::text, '')`,
	way: sql`o.way`,
	route: sql`o.route`,
	spot: sql`o.spot`,
	time: sql`to_char(o.answered_on, 'YYYY "Q"Q')`
};

/** The key of a group in a statement over {@link snapshotRows}. */
export const groupKey = (by: Grouping) => KEY_OF[by];

/** Whether someone had left by the closing day; few have, and people_left_idx lists them. */
export const hadLeftBy = (personId: SQL, { on }: Snapshot): SQL =>
	sql`${personId} in (select l.id from people l where l.left_at is not null
		and (l.left_at at time zone ${organisationZone})::date <= ${on}::date)`;

/**
 * The rows that statistics are made from: for everyone who has answered, the state on the closing day, without people who had left by then.
 * Cost: one pass over all observations; no index helps where a third or more of them is needed.
 */
export function snapshotRows(snapshot: Snapshot): SQL {
	const { on } = snapshot;
	return sql`observations o
		where o.on_day <= ${on}::date and (o.until_day is null or o.until_day > ${on}::date) and o.first_on is not null
			and not ${hadLeftBy(sql`o.person_id`, snapshot)}`;
}
