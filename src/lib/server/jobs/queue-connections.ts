import pg from 'pg';
import { describeError, log } from '../log';

/** Connections that the queue of one process has for itself. */
const QUEUE_CONNECTIONS = 3;

/** The queue's own statements are short: one that takes so long, ms, waits for nobody. */
const QUEUE_LIMITS = {
	connectionTimeoutMillis: 10_000,
	statement_timeout: 30_000,
	query_timeout: 35_000,
	keepAlive: true
} as const;

/**
 * The connections of the queue. They know what runs on them: the queue marks a job as done without waiting for it, and
 * connections that close meanwhile would leave that statement waiting for one of them, and the job as if it had never ended.
 */
export class QueueConnections {
	readonly #pool: pg.Pool;
	readonly #running = new Set<Promise<unknown>>();

	constructor(connectionString: string, max = QUEUE_CONNECTIONS) {
		this.#pool = new pg.Pool({ connectionString, max, application_name: 'pgboss', ...QUEUE_LIMITS });
		this.#pool.on('error', (error) => log({ level: 'error', event: 'queue', ...describeError(error) }));
	}

	/** Runs one statement; the name is the one by which the queue asks for it. */
	async executeSql(text: string, values?: unknown[]): Promise<pg.QueryResult> {
		const running = this.#pool.query(text, values);
		this.#running.add(running);
		try {
			return await running;
		} finally {
			this.#running.delete(running);
		}
	}

	/** Closes them once everything that was asked for has its answer. */
	async close(): Promise<void> {
		while (this.#running.size > 0) await Promise.allSettled(this.#running);
		await this.#pool.end();
	}
}
