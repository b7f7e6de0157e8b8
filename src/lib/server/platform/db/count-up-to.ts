import { sql, type SQL } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { MOST_COUNTED } from '../../../core/cases/day-sheet';

/**
 * How many rows meet a condition; one more than {@link MOST_COUNTED} where there are more. Cost: at most that many entries of an index.
 */
export const countUpTo = (table: PgTable, condition: SQL | undefined): SQL<number> =>
	sql<number>`(select count(*)::int from (select from ${table} where ${condition ?? sql`true`} limit ${MOST_COUNTED + 1}) as counted)`;

/** The same for conditions that indexes of their own serve: together in one, PostgreSQL looks through the whole table. */
export const sumUpTo = (...counts: SQL<number>[]): SQL<number> =>
	sql<number>`least(${MOST_COUNTED + 1}, ${sql.join(counts, sql` + `)})`;
