import { and, eq, sql, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../platform/db/client';
import type { SortColumns } from './people-order';
import { searchCondition, TRIGRAM, whereCase, wherePerson, type PeopleFilter } from './people-filter';

const { people, cases } = schema;

/**
 * Up to how many people a filter is looked up first and sorted afterwards. For more, the list is read in its order: a filter's people are
 * spread over it, so that for m of N people some 550 N / m are passed until a page is full and five hundred are counted. Looking up m costs
 * as much where m² is 550 N: twenty thousand of a million, and seven of a hundred thousand.
 */
const ROWS_PASSED = 550;

/** For a small workforce, ms of difference don't matter. */
const LEAST_FILTERED = 4000;

/** The same for a search, which finds names that are close together, whatever the size of the workforce. */
const MOST_SEARCHED = 15_000;

/** How many rows the database expects for a statement; nothing is read. */
async function expectedRows(db: Db, statement: SQL): Promise<number> {
	const { rows } = await db.execute<{ 'QUERY PLAN': [{ Plan: { 'Plan Rows': number } }] }>(
		sql`explain (format json) ${statement}`
	);
	return rows[0]?.['QUERY PLAN'][0].Plan['Plan Rows'] ?? Infinity;
}

/** {@link ROWS_PASSED} for the present workforce, by the planner's estimate of it: one look-up. */
async function mostFiltered(db: Db): Promise<number> {
	const { rows } = await db.execute<{ n: number }>(
		sql`select reltuples::float8 as n from pg_class where oid = 'people'::regclass`
	);
	return Math.max(LEAST_FILTERED, Math.sqrt(ROWS_PASSED * (rows[0]?.n ?? 0)));
}

/** The people of a page, and the total. */
export interface FoundPeople {
	readonly ids: readonly string[];
	/** Counted up to {@link PeopleQuery.mostCounted} and one more. */
	readonly counted: number;
}

/** The part of the list to read. */
export interface PeopleQuery {
	/** The order, and the position to continue from. */
	readonly order: SortColumns;
	readonly most: number;
	readonly mostCounted: number;
}

/**
 * Finds the people of a filter, in an order. A filter that few people match is looked up by its own index first and sorted then; with one
 * that matches many, the list is read along the index of its order until the page is full. The database is asked for its estimate but not
 * left to choose: it assumes matches are spread evenly over the order, which they are not.
 * @param most how many people a filter, or a search, may have to be looked up first; as it is quickest where left out
 */
export async function findPeople(
	db: Db,
	{ search, ...filter }: PeopleFilter,
	wanted: PeopleQuery,
	most: { readonly filtered?: number; readonly searched?: number } = {}
): Promise<FoundPeople> {
	const [bySearch, byCase, byPerson] = [searchCondition(search), whereCase(filter), wherePerson(filter)];
	const { order } = wanted;
	const withCases = sql`join ${cases} on ${eq(cases.personId, people.id)}`;
	const idsByCase = sql`select ${cases.personId} from ${cases} where ${byCase}`;
	if (byCase && (await expectedRows(db, idsByCase)) <= (most.filtered ?? (await mostFiltered(db))))
		return lookUp(
			db,
			sql`unnest(array(${idsByCase})) as picked(id) join ${people} on ${people.id} = picked.id ${order.isOfCases ? withCases : sql``} where ${and(bySearch, byPerson)}`,
			wanted
		);
	const joined = byCase || order.isOfCases ? sql`${people} ${withCases}` : sql`${people}`;
	const where = and(bySearch, byCase, byPerson);
	// The beginning of a name has an index in the list's own order.
	const isLookedUp =
		bySearch &&
		search.length >= TRIGRAM &&
		(await expectedRows(db, sql`select 1 from ${people} where ${bySearch}`)) <=
			(most.searched ?? MOST_SEARCHED);
	if (isLookedUp) return lookUp(db, sql`${joined} where ${where}`, wanted);
	const inOrder = order.sorted(order.keys, order.id);
	const [page, counted] = await Promise.all([
		db.execute<{ id: string }>(
			sql`select ${people.id} as id from ${joined} where ${and(where, order.behind(order.keys, order.id))} order by ${inOrder} limit ${wanted.most}`
		),
		// In the same order, so that a common word is counted along the same index and stops early.
		db.execute(
			sql`select 1 from ${joined} where ${where} order by ${inOrder} limit ${wanted.mostCounted + 1}`
		)
	]);
	return { ids: page.rows.map(({ id }) => id), counted: counted.rows.length };
}

/**
 * Looks them all up once, then takes the page and counts.
 * @param from tables and conditions that find them
 */
async function lookUp(db: Db, from: SQL, { order, most, mostCounted }: PeopleQuery): Promise<FoundPeople> {
	const names = order.keys.map((_, i) => sql.identifier(`key_${i}`));
	const columns = names.map((name) => sql`${name}`);
	const id = sql`id`;
	const keys = order.keys.map((key, i) => sql`, ${key} as ${columns[i]}`);
	const { rows } = await db.execute<{ counted: number; ids: string[] }>(sql`
		with found as materialized (select ${people.id} as id ${sql.join(keys)} from ${from})
		select (select count(*)::int from found) as counted,
			array(select id from found where ${order.behind(columns, id) ?? sql`true`} order by ${order.sorted(columns, id)} limit ${most}) as ids`);
	const [row] = rows;
	return { ids: row?.ids ?? [], counted: Math.min(row?.counted ?? 0, mostCounted + 1) };
}
