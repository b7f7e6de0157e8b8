import { isLoopback } from '../config';
import {
	RateLimiterMemory,
	RateLimiterPostgres,
	RateLimiterRes,
	type RateLimiterAbstract
} from 'rate-limiter-flexible';
import type pg from 'pg';
import { DomainError } from '../domain-error';
import { lt } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { hashToken } from './tokens';

/**
 * Most writes in a minute by one link, by one account and from one address, most imports in an hour by one account, and most requests in a
 * minute by one token: far above normal use, so that nobody takes all capacity. Our working assumptions.
 */
const MOST_WRITES = {
	link: { points: 300, duration: 60 },
	account: { points: 600, duration: 60 },
	address: { points: 3000, duration: 60 },
	import: { points: 60, duration: 3600 },
	/** Requests of a program, reads too. */
	token: { points: 300, duration: 60 }
} as const;

type Kind = keyof typeof MOST_WRITES;

/** Who writes, as far as known. */
export interface WriteSource {
	readonly link?: string | undefined;
	/** Id of the signed-in user. */
	readonly account?: string | undefined;
	readonly address: string;
	/** Whether people are imported. */
	readonly isImport: boolean;
}

/**
 * Counts writes, in the database and so for all processes together; while it can't, each process counts by itself. Daily limits of a link
 * are in `link-limits.ts`. Cost: one row written by key for each of link, account and address; writes beyond a limit are refused from
 * memory.
 */
export class WriteLimits {
	readonly #limits: Readonly<Record<Kind, RateLimiterAbstract>>;

	/** @param factor how many times {@link MOST_WRITES} */
	constructor(
		pool: pg.Pool,
		factor: number,
		most: Readonly<Record<Kind, { points: number; duration: number }>> = MOST_WRITES
	) {
		const limit = (kind: Kind) => {
			const points = most[kind].points * factor;
			const here = { keyPrefix: kind, points, duration: most[kind].duration };
			return new RateLimiterPostgres({
				...here,
				storeClient: pool,
				storeType: 'pool',
				tableName: 'write_limits',
				tableCreated: true,
				// Expired rows are deleted by a job, once for all processes.
				clearExpiredByTimeout: false,
				inMemoryBlockOnConsumed: points + 1,
				insuranceLimiter: new RateLimiterMemory(here)
			});
		};
		this.#limits = {
			link: limit('link'),
			account: limit('account'),
			address: limit('address'),
			import: limit('import'),
			token: limit('token')
		};
	}

	/**
	 * Counts one write.
	 * @throws DomainError `too-many` beyond a limit
	 */
	async count({ link, account, address, isImport }: WriteSource): Promise<void> {
		const counted: [Kind, string][] = [];
		// By its hash: nobody who reads the table can open the link.
		if (link !== undefined) counted.push(['link', hashToken(link)]);
		if (account !== undefined) counted.push(['account', account]);
		if (account !== undefined && isImport) counted.push(['import', account]);
		// This machine itself is a proxy that does not say for whom: everyone would be counted as one.
		if (!isLoopback(address)) counted.push(['address', address]);
		for (const [kind, key] of counted) await this.#take(kind, key);
	}

	/**
	 * Counts one request of a program.
	 * @param tokenId id of its token
	 * @throws DomainError `too-many` beyond the limit
	 */
	countProgram(tokenId: string): Promise<void> {
		return this.#take('token', tokenId);
	}

	async #take(kind: Kind, key: string): Promise<void> {
		try {
			await this.#limits[kind].consume(key);
		} catch (thrown) {
			// The library throws what is left of the wait.
			if (!(thrown instanceof RateLimiterRes)) throw thrown;
			const seconds = Math.max(1, Math.ceil(thrown.msBeforeNext / 1000));
			throw new DomainError('too-many', { code: 'tooManyWrites', facts: { seconds } });
		}
	}
}

/** Deletes expired counts. Cost: one scan of a table of current writers. */
export async function purgeWriteLimits(db: Db, now: Date): Promise<void> {
	await db.delete(schema.writeLimits).where(lt(schema.writeLimits.expire, now.getTime()));
}
