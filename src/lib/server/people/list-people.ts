import { eq, inArray, sql } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { findPeople } from './find-people';
import type { LeftOut } from '../../core/sending';
import { leftOut } from '../rounds/who-matches';
import type { PersonState } from '../../core/people';
import type { PeopleFilter } from './people-filter';

const { people, cases } = schema;

/** One line of the list. */
export interface PersonLine {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	readonly team: string;
	readonly country: string;
	readonly state: PersonState;
	/** When that was: the day it was sent, started or answered. */
	readonly at: Date | null;
	readonly checksOff: number | null;
	readonly checksUnsure: number | null;
	readonly followUpDue: string | null;
	readonly hasLeft: boolean;
	readonly hasBounced: boolean;
	/** Why a send to many would leave them out; null where it would not. */
	readonly leftOut: LeftOut | null;
}

/** A page of the list, and where the next one begins. */
export interface PeoplePage {
	readonly lines: readonly PersonLine[];
	readonly next: string | null;
	readonly total: number;
	/** Whether there are more than were counted. */
	readonly isMore: boolean;
}

/** People on one page. */
export const PEOPLE_A_PAGE = 50;

/** Counted to here and no further: a list of thousands is narrowed, not read. As many as a bulk act reaches. */
export const MOST_COUNTED = 500;

type Newest = Pick<typeof cases.$inferSelect, 'sentAt' | 'revokedAt' | 'startedAt' | 'answeredAt'>;

/** Where an assessment stands at a moment. */
export function stateOf(newest: Newest | null): { state: PersonState; at: Date | null } {
	if (!newest?.sentAt) return { state: 'none', at: null };
	if (newest.answeredAt) return { state: 'answered', at: newest.answeredAt };
	if (newest.revokedAt) return { state: 'revoked', at: newest.revokedAt };
	return newest.startedAt ? { state: 'started', at: newest.startedAt } : { state: 'sent', at: newest.sentAt };
}

/** The position of a line in the list's order, as an opaque text. */
function cursorOf(line: { name: string; id: string }): string {
	return Buffer.from(JSON.stringify([line.name.toLowerCase(), line.id])).toString('base64url');
}

function afterCursor(cursor: string | undefined) {
	if (!cursor) return undefined;
	try {
		const [name, id] = JSON.parse(Buffer.from(cursor, 'base64url').toString()) as [unknown, unknown];
		if (typeof name !== 'string' || typeof id !== 'string' || !/^[0-9a-f-]{36}$/.test(id)) return undefined;
		return sql`(lower(${people.name}), ${people.id}) > (${name}, ${id})`;
	} catch {
		return undefined;
	}
}

/** People by name, a page at a time, with what `cases` keeps of each; how they are found stands in `find-people.ts`. */
export async function listPeople(
	db: Db,
	actor: Actor,
	input: { filter: PeopleFilter; cursor?: string | undefined; now: Date }
): Promise<PeoplePage> {
	needCoordinator(actor);
	const { ids, counted } = await findPeople(db, input.filter, {
		after: afterCursor(input.cursor),
		most: PEOPLE_A_PAGE + 1,
		mostCounted: MOST_COUNTED
	});
	const rows = await db
		.select({ person: people, newest: cases, leftOut: leftOut(input.now) })
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(inArray(people.id, [...ids]))
		.orderBy(sql`lower(${people.name})`, people.id);
	const lines = rows.slice(0, PEOPLE_A_PAGE).map(({ person, newest, leftOut: why }): PersonLine => ({
		id: person.id,
		name: person.name,
		email: person.email,
		team: person.team,
		country: person.country,
		...stateOf(newest),
		checksOff: newest.checksOff,
		checksUnsure: newest.checksUnsure,
		followUpDue: newest.followUpOn,
		hasLeft: person.leftAt !== null,
		hasBounced: person.bouncedAt !== null,
		leftOut: why
	}));
	const last = lines.at(-1);
	return {
		lines,
		total: Math.min(counted, MOST_COUNTED),
		isMore: counted > MOST_COUNTED,
		next: rows.length > PEOPLE_A_PAGE && last ? cursorOf(last) : null
	};
}

/**
 * What stands in a column of people, each once and in order: found by jumping from one value to the next along the column's
 * index, so the cost follows the values and not the people.
 */
async function valuesOf(db: Db, column: 'team' | 'country'): Promise<string[]> {
	const name = sql.identifier(column);
	const { rows } = await db.execute<{ value: string }>(sql`
		with recursive t as (
			(select ${name} as value from people order by ${name} limit 1)
			union all
			select (select p.${name} from people p where p.${name} > t.value order by p.${name} limit 1) from t where t.value is not null
		)
		select value from t where value is not null and value <> ''`);
	return rows.map(({ value }) => value);
}

/** As {@link teamsOf}, of whoever may ask for names of teams. */
export const teamNames = (db: Db): Promise<string[]> => valuesOf(db, 'team');

/** Every team that has anybody; along people_team_idx. */
export async function teamsOf(db: Db, actor: Actor): Promise<string[]> {
	needCoordinator(actor);
	return teamNames(db);
}

/** Every country that anybody is in; along people_country_idx. */
export async function countriesOf(db: Db, actor: Actor): Promise<string[]> {
	needCoordinator(actor);
	return valuesOf(db, 'country');
}
