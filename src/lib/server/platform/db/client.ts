import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { destroyClient } from './database-watch';
import * as access from './schema/access';
import * as apiTokens from './schema/api-tokens';
import { level } from './schema/columns';
import * as acts from './schema/acts';
import * as assessments from './schema/assessments';
import * as audit from './schema/audit';
import * as cover from './schema/cover';
import * as followUps from './schema/follow-ups';
import * as cases from './schema/cases';
import * as assessmentResults from './schema/assessment-results';
import * as breakSettings from './schema/break-settings';
import * as observations from './schema/observations';
import * as organisation from './schema/organisation';
import * as languageReviews from './schema/language-reviews';
import * as people from './schema/people';
import * as plans from './schema/plans';
import * as practice from './schema/practice';
import * as referrals from './schema/referrals';
import * as reports from './schema/reports';
import * as running from './schema/running';
import * as emails from './schema/emails';
import * as directory from './schema/directory';
import * as sharedSessions from './schema/shared-sessions';
import * as versions from './schema/versions';
import * as webhooks from './schema/webhooks';
import * as roster from './schema/roster';
import * as rounds from './schema/rounds';

/** Every table, by subject. */
export const schema = {
	level,
	...access,
	...apiTokens,
	...acts,
	...cover,
	...assessmentResults,
	...breakSettings,
	...observations,
	...organisation,
	...languageReviews,
	...plans,
	...practice,
	...referrals,
	...reports,
	...people,
	...assessments,
	...cases,
	...followUps,
	...roster,
	...rounds,
	...emails,
	...running,
	...directory,
	...sharedSessions,
	...versions,
	...webhooks,
	...audit
};

/** The database, or a transaction on it. */
export type Db =
	| NodePgDatabase<typeof schema>
	| Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** An open database: the client, and how to close it. */
export interface OpenDatabase {
	readonly db: NodePgDatabase<typeof schema>;
	readonly pool: pg.Pool;
	/**
	 * Closes every connection at once, failing whatever waits on it: for a database that no longer answers. The next use opens new ones.
	 */
	readonly drop: () => void;
}

/** Connections per process, shared by requests and jobs. */
const MOST_CONNECTIONS = 12;

/**
 * Longest wait for a free or new connection, ms. Our assumption: many may ask at once. A silent database is noticed long before
 * (`database-watch.ts`).
 */
const CONNECT_MS = 60_000;

/**
 * Longest statement, ms: twice the slowest there is, the figures of a million people. PostgreSQL ends it; the client ends what PostgreSQL
 * can't.
 */
const STATEMENT_MS = 120_000;

/** A transaction idle for this long is ended, so that it holds no locks, ms. */
const IDLE_IN_TRANSACTION_MS = 60_000;

/** Settings of every connection: limits on waiting, and keep-alive packets for firewalls and both ends. */
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
 * Settings of a session on PostgreSQL itself. What is read often is in memory or on a solid-state disk: an index look-up costs no more than
 * the next page. Days are worked out in zones that a statement names, or in UTC.
 */
const SESSION = '-c random_page_cost=1.1 -c timezone=UTC';

/** Where PostgreSQL itself is, of pools that may go through a pooler. */
const directUrls = new WeakMap<pg.Pool, string>();

/** The address of PostgreSQL itself: for locks of a session, news of changes, and work that takes long. */
const directUrlOf = (pool: pg.Pool): string | undefined =>
	directUrls.get(pool) ?? pool.options.connectionString;

/**
 * Opens a pool of connections. A broken connection is dropped and replaced on the next use.
 * @param poolerUrl of a pooler that gives each transaction a connection, such as PgBouncer: it takes no settings of a session, so that they are
 * the role's; null for none
 */
export function openDatabase(url: string, poolerUrl: string | null = null): OpenDatabase {
	const open = new Set<pg.Client>();
	/** Registered as soon as it is made: one still connecting must be dropped too. */
	class Known extends pg.Client {
		constructor(config?: string | pg.ClientConfig) {
			super(config);
			open.add(this);
			this.once('end', () => open.delete(this));
		}
	}
	const { statement_timeout, idle_in_transaction_session_timeout, ...waiting } = LIMITS;
	const session = { statement_timeout, idle_in_transaction_session_timeout, options: SESSION };
	const pool = new pg.Pool({
		Client: Known,
		connectionString: poolerUrl ?? url,
		...waiting,
		...(poolerUrl === null ? session : {}),
		max: MOST_CONNECTIONS
	});
	directUrls.set(pool, url);
	pool.on('error', () => {});
	// A connection that breaks between two statements is reported by the next one; unhandled, the event would end the process.
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

/** Longest statement of work that may take long, and longest pause in it, ms. Our assumption: who reads the result may be slow. */
const LONG_STATEMENT_MS = 3_600_000;
const LONG_PAUSE_MS = 600_000;

/**
 * Opens a connection to PostgreSQL itself beside a pool, for one piece of work that may take long or holds a lock; whoever opens it ends it.
 * @param statementMs longest statement, ms; 0 for any
 */
export async function openLongConnection(pool: pg.Pool, statementMs = LONG_STATEMENT_MS): Promise<pg.Client> {
	const client = new pg.Client({
		connectionString: directUrlOf(pool),
		options: SESSION,
		connectionTimeoutMillis: CONNECT_MS,
		statement_timeout: statementMs,
		idle_in_transaction_session_timeout: LONG_PAUSE_MS,
		keepAlive: true
	});
	// A connection that breaks between two statements is reported by the next one.
	client.on('error', () => {});
	await client.connect();
	return client;
}

/**
 * Transactions that always return their connection: Drizzle's own keeps it if it breaks before the first statement, as when PostgreSQL
 * restarts, and the pool would be one short from then on.
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
			// A broken one is dropped by the pool and replaced on the next use.
			client.release();
		}
	};
}
