import { and, count, eq, gt, inArray, lt, lte, max, or, sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { hashToken } from './tokens';

const { signInFailures } = schema;

const SECOND_MS = 1000;
const DAY_MS = 24 * 3_600_000;

/** Time for which failures count, ms. Our assumption. */
const WINDOW_MS = 3_600_000;

/** The longest wait, ms. Our assumption: ASVS 2.2.1 (from memory) allows at most a hundred attempts an hour. */
const LONGEST_MS = 15 * 60_000;

/** What is attempted, and from where: an account from unknown browsers, from a known one, its second factor; anything from one origin. */
export type AttemptKey = `account:${string}` | `device:${string}` | `code:${string}` | `origin:${string}`;

/** Failures without a wait, since people mistype. Many people may share one origin. */
const FREE = { account: 4, device: 8, code: 4, origin: 40 } as const;

/**
 * The first wait, ms. Our assumption. A six-digit code could be guessed, and the next code comes after half a minute anyway; so of a
 * thousand attempts at once only five are checked, however long the server takes for them.
 */
const FIRST_WAIT_MS = {
	account: SECOND_MS,
	device: SECOND_MS,
	code: 30 * SECOND_MS,
	origin: SECOND_MS
} as const;

type Kind = keyof typeof FREE;

const kindOf = (tried: AttemptKey) => tried.slice(0, tried.indexOf(':')) as Kind;

/** The wait after a number of failures, ms: doubled each time, a quarter of an hour at most. */
export function lockoutAfter(failures: number, kind: Kind): number {
	const beyond = failures - FREE[kind];
	return beyond <= 0 ? 0 : Math.min(FIRST_WAIT_MS[kind] * 2 ** (beyond - 1), LONGEST_MS);
}

/** An attempt that may be checked now. It counts as failed until reported as successful. */
export interface SignInAttempt {
	/** Number of failures including this one, for the first of its keys. */
	readonly failures: number;
	/** Deletes it, and earlier failures of the first of its keys. */
	succeeded(db: Db): Promise<void>;
	/** Deletes only itself: earlier ones may be someone else's, for instance at a shared origin. */
	takenBack(db: Db): Promise<void>;
}

/**
 * Counts an attempt before anything of it is checked, under a lock on each key, so that simultaneous ones are counted one by one and none
 * is checked uncounted. An attempt refused for its wait is not counted, so trying again does not extend the wait. Cost: by
 * sign_in_failures_key_at_idx; at most some hundreds of rows per key.
 * @param tried what it counts under, the most specific first
 * @throws DomainError `too-many` while one of the keys has to wait
 */
export async function countAttempt(db: Db, tried: readonly AttemptKey[], now: Date): Promise<SignInAttempt> {
	const keys = new Map(tried.map((one) => [hashToken(one), one]));
	const [firstKey] = keys.keys();
	const taken = await inTransaction(db, async (tx) => {
		// In the same order for everyone, so that no two wait for each other.
		for (const key of [...keys.keys()].sort())
			await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${key}, 0))`);
		const rows = await tx
			.select({ key: signInFailures.key, n: count(), last: max(signInFailures.at) })
			.from(signInFailures)
			.where(
				and(
					inArray(signInFailures.key, [...keys.keys()]),
					gt(signInFailures.at, new Date(now.getTime() - WINDOW_MS)),
					// Recorded by a clock that was fast, they would lock everyone out until it has caught up.
					lte(signInFailures.at, now)
				)
			)
			.groupBy(signInFailures.key);
		const waits = rows.map(({ key, n, last }) => {
			const wait = lockoutAfter(n, kindOf(keys.get(key) ?? 'account:'));
			return Number(last ?? 0) + wait - now.getTime();
		});
		const seconds = Math.ceil(Math.max(0, ...waits) / SECOND_MS);
		if (seconds > 0) throw new DomainError('too-many', { code: 'tooManyTries', facts: { seconds } });
		const noted = await tx
			.insert(signInFailures)
			.values([...keys.keys()].map((key) => ({ key, at: now })))
			.returning({ id: signInFailures.id });
		await tx.delete(signInFailures).where(lt(signInFailures.at, new Date(now.getTime() - DAY_MS)));
		const before = rows.find(({ key }) => key === firstKey)?.n ?? 0;
		return { ids: noted.map(({ id }) => id), failures: before + 1 };
	});
	return {
		failures: taken.failures,
		succeeded: async (on) => {
			await on
				.delete(signInFailures)
				.where(or(inArray(signInFailures.id, taken.ids), eq(signInFailures.key, firstKey ?? '')));
		},
		takenBack: async (on) => {
			await on.delete(signInFailures).where(inArray(signInFailures.id, taken.ids));
		}
	};
}
