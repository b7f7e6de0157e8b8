import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import * as access from './schema/access';
import { level } from './schema/columns';
import * as acts from './schema/acts';
import * as assessments from './schema/assessments';
import * as audit from './schema/audit';
import * as followUps from './schema/follow-ups';
import * as cases from './schema/cases';
import * as judgements from './schema/judgements';
import * as moving from './schema/moving';
import * as observations from './schema/observations';
import * as people from './schema/people';
import * as plans from './schema/plans';
import * as referrals from './schema/referrals';
import * as reports from './schema/reports';
import * as post from './schema/post';
import * as roster from './schema/roster';
import * as rounds from './schema/rounds';

/** Every table, by subject. */
export const schema = {
	level,
	...access,
	...acts,
	...judgements,
	...moving,
	...observations,
	...plans,
	...referrals,
	...reports,
	...people,
	...assessments,
	...cases,
	...followUps,
	...roster,
	...rounds,
	...post,
	...audit
};

/** The database or a transaction on it. */
export type Db =
	| NodePgDatabase<typeof schema>
	| Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** An open database: the client and how to close it. */
export interface OpenDatabase {
	readonly db: NodePgDatabase<typeof schema>;
	readonly pool: pg.Pool;
}

/**
 * Opens a pool of connections. A connection that breaks is dropped and replaced on the next use.
 *
 * @param timeZone the organisation's IANA zone; it travels with each connection, so that every use case knows it
 */
export function openDatabase(url: string, timeZone = 'UTC'): OpenDatabase {
	// What is read often lies in memory or on a disk without a head to move: a look by index is as good as the next page.
	const pool = new pg.Pool({
		connectionString: url,
		max: 12,
		options: `-c random_page_cost=1.1 -c easy_corner.time_zone=${timeZone}`
	});
	pool.on('error', () => {});
	// One that breaks in use, between two statements, is shown by the next of them; unheard it would end the process.
	pool.on('connect', (client) => client.on('error', () => {}));
	const db = drizzle(pool, { schema });
	db.transaction = givenBack(pool);
	return { db, pool };
}

/**
 * Transactions that give their connection back whatever happens: Drizzle's own keep it where it breaks before the first statement, as when
 * PostgreSQL is restarted, and the pool has one fewer from then on.
 */
function givenBack(pool: pg.Pool): NodePgDatabase<typeof schema>['transaction'] {
	const known = new WeakMap<pg.PoolClient, NodePgDatabase<typeof schema>>();
	return async (work, config) => {
		const client = await pool.connect();
		try {
			const on = known.get(client) ?? drizzle(client, { schema });
			known.set(client, on);
			return await on.transaction(work, config);
		} finally {
			// One that is broken is dropped by the pool, and replaced on the next use.
			client.release();
		}
	};
}
