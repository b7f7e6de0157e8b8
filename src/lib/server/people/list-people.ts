import { eq, sql, type SQL } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { isAnyOf } from '../platform/db/is-any-of';
import { schema, type Db } from '../platform/db/client';
import { findPeople } from './find-people';
import type { ExclusionReason } from '../../core/platform/sending';
import { excludedPeople } from './rounds/round-selection';
import type { PersonState } from '../../core/people';
import type { TriageLevel } from '../../core/cases/triage/policy';
import type { PeopleFilter } from './people-filter';
import { sortColumns, type SortOrder } from './people-order';

const { people, cases, users } = schema;

export interface PersonLine {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	readonly team: string;
	readonly country: string;
	readonly staffNumber: string;
	readonly phone: string;
	/** The coordinator assigned to them. */
	readonly owner: string | null;
	/** Null before the first assessment. */
	readonly level: TriageLevel | null;
	readonly answeredAt: Date | null;
	readonly state: PersonState;
	/** The day it was sent, started or answered. */
	readonly at: Date | null;
	readonly checksOff: number | null;
	readonly checksUnsure: number | null;
	readonly followUpDue: string | null;
	readonly hasLeft: boolean;
	readonly hasBounced: boolean;
	/** Why sending to many would leave them out; null where it would not. */
	readonly leftOut: ExclusionReason | null;
}

/** A page of the list, and where the next one begins. */
export interface PeoplePage {
	readonly lines: readonly PersonLine[];
	readonly next: string | null;
	readonly total: number;
	/** Whether there are more than were counted. */
	readonly isMore: boolean;
}

export const PEOPLE_PER_PAGE = 50;

/** Counting stops here: a list of thousands is filtered, not read. As many as a bulk act reaches. */
const MAX_COUNTED = 500;

type Newest = Pick<typeof cases.$inferSelect, 'sentAt' | 'revokedAt' | 'startedAt' | 'answeredAt'>;

/** The state of a self-assessment. */
export function personStateOf(newest: Newest | null): { state: PersonState; at: Date | null } {
	if (!newest?.sentAt) return { state: 'none', at: null };
	if (newest.answeredAt) return { state: 'answered', at: newest.answeredAt };
	if (newest.revokedAt) return { state: 'revoked', at: newest.revokedAt };
	return newest.startedAt ? { state: 'started', at: newest.startedAt } : { state: 'sent', at: newest.sentAt };
}

/** People in an order, by default by name, one page at a time, with the columns of `cases`; `find-people.ts` finds them. */
export async function listPeople(
	db: Db,
	actor: Actor,
	input: { filter: PeopleFilter; order?: SortOrder; cursor?: string | undefined; now: Date }
): Promise<PeoplePage> {
	requirePermission(actor, 'people:read');
	const order = sortColumns(input.order ?? { by: 'name', isReversed: false }, input.cursor);
	const { ids, counted } = await findPeople(db, input.filter, {
		order,
		most: PEOPLE_PER_PAGE + 1,
		mostCounted: MAX_COUNTED
	});
	const rows = await db
		.select({
			person: people,
			newest: cases,
			owner: users.name,
			leftOut: excludedPeople(input.now),
			place: sql<string[]>`array[${sql.join(
				order.keys.map((key) => sql`${key}::text`),
				sql`, `
			)}]`
		})
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.leftJoin(users, eq(users.id, people.ownerId))
		.where(isAnyOf(people.id, ids))
		.orderBy(order.sorted(order.keys, order.id));
	const lines = rows.slice(0, PEOPLE_PER_PAGE).map(({ person, newest, owner, leftOut: why }): PersonLine => ({
		id: person.id,
		name: person.name,
		email: person.email,
		team: person.team,
		country: person.country,
		staffNumber: person.staffNumber,
		phone: person.phone,
		owner,
		level: newest.assessmentResultId === null ? null : newest.level,
		answeredAt: newest.answeredAt,
		...personStateOf(newest),
		checksOff: newest.checksOff,
		checksUnsure: newest.checksUnsure,
		followUpDue: newest.followUpOn,
		hasLeft: person.leftAt !== null,
		hasBounced: person.bouncedAt !== null,
		leftOut: why
	}));
	const last = rows[PEOPLE_PER_PAGE - 1];
	return {
		lines,
		total: Math.min(counted, MAX_COUNTED),
		isMore: counted > MAX_COUNTED,
		next: rows.length > PEOPLE_PER_PAGE && last ? order.placeOf(last.place, last.person.id) : null
	};
}

/**
 * The distinct values of a people column, in order, as part of a statement: found by jumping from value to value along the column's index,
 * so the cost follows the values, not the people.
 */
function valuesOf(column: 'team' | 'country'): SQL<string[]> {
	const name = sql.identifier(column);
	return sql<string[]>`array(
		with recursive t as (
			(select ${name} as value from people order by ${name} limit 1)
			union all
			select (select p.${name} from people p where p.${name} > t.value order by p.${name} limit 1) from t where t.value is not null
		)
		select value from t where value is not null and value <> '')`;
}

/** Like {@link teamsOf}, for anyone who may see team names. */
export async function teamNames(db: Db): Promise<string[]> {
	const [row] = await db.select({ teams: valuesOf('team') }).from(sql`(select) as one_row`);
	return row?.teams ?? [];
}

/** Every team with anyone in it; along people_team_idx. */
export async function teamsOf(db: Db, actor: Actor): Promise<string[]> {
	requirePermission(actor, 'people:read');
	return teamNames(db);
}

/** Every team and every country with anyone in it; along people_team_idx and people_country_idx. */
export async function teamsAndCountriesOf(
	db: Db,
	actor: Actor
): Promise<{ readonly teams: readonly string[]; readonly countries: readonly string[] }> {
	requirePermission(actor, 'people:read');
	const [row] = await db
		.select({ teams: valuesOf('team'), countries: valuesOf('country') })
		.from(sql`(select) as one_row`);
	return row ?? { teams: [], countries: [] };
}
