import { sql, type SQL } from 'drizzle-orm';
import type { Grouping } from '../../core/workforce';
import { organisationZone } from '../people/lock-person';

/** Which people a figure is of: as they stood when a day closed, and of one group where it is narrowed. */
export interface Snapshot {
	/** The closing day, ISO. */
	readonly on: string;
}

/** The text that a row of the snapshot is grouped by. */
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

/** Whether someone had left when the day closed; few have, and they stand together in people_left_idx. */
export const hadLeftBy = (personId: SQL, { on }: Snapshot): SQL =>
	sql`${personId} in (select l.id from people l where l.left_at is not null
		and (l.left_at at time zone ${organisationZone})::date <= ${on}::date)`;

/**
 * The rows that statistics are made of: of everybody who has answered, what held when the day closed. Who had left by then is out.
 *
 * Cost: one pass over the observations of all time; no index helps where a third of them or more is wanted.
 */
export function snapshotRows(snapshot: Snapshot): SQL {
	const { on } = snapshot;
	return sql`observations o
		where o.on_day <= ${on}::date and (o.until_day is null or o.until_day > ${on}::date) and o.first_on is not null
			and not ${hadLeftBy(sql`o.person_id`, snapshot)}`;
}
