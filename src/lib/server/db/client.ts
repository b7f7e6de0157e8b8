import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import * as access from './schema/access';
import * as assessments from './schema/assessments';
import * as audit from './schema/audit';
import * as followUps from './schema/follow-ups';
import * as people from './schema/people';
import * as post from './schema/post';

/** Every table, by subject. */
export const schema = { ...access, ...people, ...assessments, ...followUps, ...post, ...audit };

/** The database or a transaction on it. */
export type Db =
	NodePgDatabase<typeof schema> | Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** An open database: the client and how to close it. */
export interface OpenDatabase {
	readonly db: NodePgDatabase<typeof schema>;
	readonly pool: pg.Pool;
}

/** Opens a pool of connections. A connection that breaks while idle is dropped and replaced on the next use. */
export function openDatabase(url: string): OpenDatabase {
	const pool = new pg.Pool({ connectionString: url, max: 12 });
	pool.on('error', () => {});
	return { db: drizzle(pool, { schema }), pool };
}
