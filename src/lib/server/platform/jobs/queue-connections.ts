import pg from 'pg';
import { describeError, log } from '../log';

/** Name of the queue's connections, by which a running application is known. */
export const QUEUE_NAME = 'pgboss';

const QUEUE_CONNECTIONS = 3;

/** Limits for the queue's own statements, which are all short. */
const QUEUE_LIMITS = {
	connectionTimeoutMillis: 10_000,
	statement_timeout: 30_000,
	query_timeout: 35_000,
	keepAlive: true
} as const;

/** How pg-boss marks jobs as completed or failed: it reads how many from the one row of the answer, without checking that there is one. */
const COUNTS_WHAT_IT_MARKED = /select count\(\*\) from results\s*$/i;

/**
 * The queue's connections, with track of what runs on them: the queue marks a job as completed without awaiting the statement, and
 * connections closed in the meantime would leave it without one, and the job as if it had never ended.
 */
export class QueueConnections {
	readonly #pool: pg.Pool;
	readonly #running = new Set<Promise<unknown>>();
	#isClosed = false;

	constructor(connectionString: string, max = QUEUE_CONNECTIONS) {
		this.#pool = new pg.Pool({ connectionString, max, application_name: QUEUE_NAME, ...QUEUE_LIMITS });
		this.#pool.on('error', (error) => log({ level: 'error', event: 'queue', ...describeError(error) }));
	}

	/**
	 * Runs one statement; the method name is the one that pg-boss expects. Once closed, it runs none: a job that outlasted the end of the queue
	 * has nobody to report to, counts as lost, and is taken again.
	 */
	async executeSql(text: string, values?: unknown[]): Promise<Pick<pg.QueryResult, 'rows' | 'rowCount'>> {
		if (this.#isClosed) {
			log({ level: 'warn', event: 'queue-closed' });
			const rows = COUNTS_WHAT_IT_MARKED.test(text) ? [{ count: '0' }] : [];
			return { rows, rowCount: rows.length };
		}
		const running = this.#pool.query(text, values);
		this.#running.add(running);
		try {
			return await running;
		} finally {
			this.#running.delete(running);
		}
	}

	/** Closes the connections once every statement has its answer. */
	async close(): Promise<void> {
		while (this.#running.size > 0) await Promise.allSettled(this.#running);
		this.#isClosed = true;
		await this.#pool.end();
	}
}
