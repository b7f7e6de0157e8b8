import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { destroyClient } from './database-watch';
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
import * as organisation from './schema/organisation';
import * as languageReviews from './schema/language-reviews';
import * as people from './schema/people';
import * as plans from './schema/plans';
import * as referrals from './schema/referrals';
import * as reports from './schema/reports';
import * as running from './schema/running';
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
	...organisation,
	...languageReviews,
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
	...running,
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
	/** Ends every connection at once, with what waits on it: for a database that has fallen silent. The next use makes new ones. */
	readonly drop: () => void;
}

/** Connections of one process that requests and jobs share. */
export const MOST_CONNECTIONS = 12;

/** So long one waits for a free connection, or for a new one, ms. Our assumption: many may ask at once. A database that is silent is noticed long before (`database-watch.ts`). */
const CONNECT_MS = 60_000;

/** So long one statement may take, ms: twice the longest there is, the figures of a million people. PostgreSQL ends it; we end what it can't. */
const STATEMENT_MS = 120_000;

/** A transaction that does nothing for so long holds locks for nobody, ms. */
const IDLE_IN_TRANSACTION_MS = 60_000;

/** What every connection is opened with: limits on how long anything waits, and a sign of life that keeps firewalls and both ends awake. */
const LIMITS = {
	connectionTimeoutMillis: CONNECT_MS,
	statement_timeout: STATEMENT_MS,
	query_timeout: STATEMENT_MS + 5000,
	idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION_MS,
	idleTimeoutMillis: 30_000,
	keepAlive: true,
	keepAliveInitialDelayMillis: 10_000
} as const;

/**
 * Opens a pool of connections. A connection that breaks is dropped and replaced on the next use.
 *
 * @param timeZone the organisation's IANA zone; it travels with each connection, so that every use case knows it
 */
export function openDatabase(url: string, timeZone = 'UTC'): OpenDatabase {
	// What is read often lies in memory or on a disk without a head to move: a look by index is as good as the next page.
	const open = new Set<pg.Client>();
	/** Known from the moment it is made: one that is connecting still has to be dropped, too. */
	class Known extends pg.Client {
		constructor(config?: string | pg.ClientConfig) {
			super(config);
			open.add(this);
			this.once('end', () => open.delete(this));
		}
	}
	const pool = new pg.Pool({
		Client: Known,
		connectionString: url,
		...LIMITS,
		max: MOST_CONNECTIONS,
		options: `-c random_page_cost=1.1 -c easy_corner.time_zone=${timeZone}`
	});
	pool.on('error', () => {});
	// One that breaks in use, between two statements, is shown by the next of them; unheard it would end the process.
	pool.on('connect', (client) => client.on('error', () => {}));
	const db = drizzle(pool, { schema });
	db.transaction = givenBack(pool);
	return {
		db,
		pool,
		drop: () => {
			for (const client of open) destroyClient(client);
			open.clear();
		}
	};
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
