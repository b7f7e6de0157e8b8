import { sql } from 'drizzle-orm';
import type { Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { describeError, log } from '../platform/log';

/** How far behind a replica may be before figures are read elsewhere, ms. Our assumption: nobody decides anything by a minute's answers. */
const MOST_BEHIND_MS = 120_000;

/** How long a look at the replica holds, ms. */
const LOOK_MS = 5000;

/** After a failure the replica is left alone for this long, ms. */
const REST_MS = 30_000;

/**
 * Where figures of the workforce are read: on a replica, where there is one that works and isn't behind, so that counting a million people
 * slows nobody down; otherwise, and where a reading there fails, on the database itself.
 */
export class FiguresDatabase {
	private isUsable = false;
	private lookedAt = -Infinity;

	/**
	 * @param primary the database itself
	 * @param replica a replica of it that only reads; null for none
	 * @param clock milliseconds since 1970
	 */
	constructor(
		readonly primary: Db,
		private readonly replica: Db | null,
		private readonly clock: () => number = Date.now
	) {}

	/** Reads something; done twice where the replica fails at it. */
	async read<T>(work: (db: Db) => Promise<T>): Promise<T> {
		const { replica } = this;
		if (!replica || !(await this.keepsUp(replica))) return work(this.primary);
		try {
			return await work(replica);
		} catch (error) {
			// What was asked for is at fault, and would be elsewhere.
			if (error instanceof DomainError) throw error;
			// Gone, or it had to make room for what the database has changed: another failure will come from the database as well.
			this.rest(error);
			return work(this.primary);
		}
	}

	/** Whether the replica has what was written a short while ago: each process writes its sign of life several times a minute. */
	private async keepsUp(replica: Db): Promise<boolean> {
		const now = this.clock();
		if (now - this.lookedAt < LOOK_MS) return this.isUsable;
		this.lookedAt = now;
		try {
			const { rows } = await replica.execute<{ at: string }>(
				sql`select extract(epoch from at) * 1000 as at from heartbeat`
			);
			this.isUsable = rows[0] !== undefined && now - Number(rows[0].at) <= MOST_BEHIND_MS;
		} catch (error) {
			this.rest(error);
		}
		return this.isUsable;
	}

	private rest(error: unknown): void {
		log({ level: 'warn', event: 'replica', ...describeError(error) });
		this.isUsable = false;
		this.lookedAt = this.clock() + REST_MS - LOOK_MS;
	}
}
