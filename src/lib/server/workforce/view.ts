import { inArray } from 'drizzle-orm';
import { GROUPINGS, UNKNOWN_GROUP } from '../../core/workforce/codes';
import type { WorkforceView } from '../../core/workforce/view';
import { isPermitted } from '../../core/platform/access/permissions';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { schema, type Db } from '../platform/db/client';
import { teamNames } from '../people/list-people';
import { readReportingDates } from './reporting-dates';

const { rounds } = schema;

/**
 * The view in a URL; invalid parts are left out. An analyst sees closings only: two consecutive days would reveal what one person answered
 * in between, which coordinators may see by name anyway.
 */
export async function readView(
	db: Db,
	actor: Actor,
	query: URLSearchParams,
	today: string
): Promise<WorkforceView> {
	const { role } = requirePermission(actor, 'workforce:read');
	const seesToday = isPermitted(role, 'workforce:live');
	const [closings, teams] = await Promise.all([readReportingDates(db), teamNames(db)]);
	const offered = seesToday ? [today, ...closings] : closings;
	const on = offered.find((day) => day === query.get('on')) ?? offered[0] ?? today;
	const by = GROUPINGS.find((name) => name === query.get('by')) ?? null;
	const key = (name: string) => {
		const asked = query.get(name) || null;
		return asked === UNKNOWN_GROUP ? '' : asked;
	};
	const team = key('team');
	const isLive = seesToday && on === today;
	const view = { on, isLive, closings, today: seesToday ? today : null, teams };
	// A team by itself is a group like any other.
	if (by === 'team' || (by === null && team !== null))
		return { ...view, by: 'team', group: by ? key('group') : team, team: null };
	// Two filters at once are published for no closing: what changes from one to the next would single people out.
	return { ...view, by, group: by && key('group'), team: isLive ? team : null };
}

export async function roundNames(db: Db, keys: readonly string[]): Promise<Record<string, string>> {
	const ids = keys.filter((key) => key !== '');
	if (ids.length === 0) return {};
	const rows = await db
		.select({ id: rounds.id, name: rounds.name })
		.from(rounds)
		.where(inArray(rounds.id, [...ids]));
	return Object.fromEntries(rows.map(({ id, name }) => [id, name]));
}
