import { and, count, eq, gt, inArray, lt, lte, max, or, sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { hashToken } from './tokens';

const { signInFailures } = schema;

const SECOND_MS = 1000;
const DAY_MS = 24 * 3_600_000;

/** Failures are counted for so long, ms. Our assumption. */
const WINDOW_MS = 3_600_000;

/** The longest wait, ms. Our assumption: ASVS 2.2.1 (from memory) lets at most a hundred tries an hour through. */
const LONGEST_MS = 15 * 60_000;

/** What is tried, and by whom: an account from browsers that it does not know, from one that it knows, its second factor; all from one origin. */
export type AttemptKey = `account:${string}` | `device:${string}` | `code:${string}` | `origin:${string}`;

/** Failures that cost no wait: someone mistypes. Many people sit behind one origin. */
const FREE = { account: 4, device: 8, code: 4, origin: 40 } as const;

/**
 * The first wait, ms. Our assumption. A code of six digits can be guessed, and the next one comes after half a minute anyway: so a thousand tries at once are
 * five, however long the server takes to hear them all.
 */
const FIRST_WAIT_MS = {
	account: SECOND_MS,
	device: SECOND_MS,
	code: 30 * SECOND_MS,
	origin: SECOND_MS
} as const;

type Kind = keyof typeof FREE;

const kindOf = (tried: AttemptKey) => tried.slice(0, tried.indexOf(':')) as Kind;

/** How long to wait after so many failures, ms: twice as long each time, a quarter of an hour at most. */
export function lockoutAfter(failures: number, kind: Kind): number {
	const beyond = failures - FREE[kind];
	return beyond <= 0 ? 0 : Math.min(FIRST_WAIT_MS[kind] * 2 ** (beyond - 1), LONGEST_MS);
}

/** A try that may be checked now. It counts as failed until it is said to have succeeded. */
export interface SignInAttempt {
	/** How many failures there are with it, of the first of what it is counted under. */
	readonly failures: number;
	/** Forgets it, and the failures before it of the first of what it is counted under. */
	succeeded(db: Db): Promise<void>;
	/** Forgets it alone: those before it may be someone else's, as of an origin that many share. */
	takenBack(db: Db): Promise<void>;
}

/**
 * Counts a try before anything of it is checked, under a lock of each key, so that many at once are counted one after the other and none is
 * checked uncounted. A try that the wait refuses is not counted: who goes on trying waits no longer for it.
 *
 * Cost: by sign_in_failures_key_at_idx; at most some hundreds of rows a key.
 *
 * @param tried what it is counted under, the most particular first
 * @throws DomainError `too-many` while one of them has to wait
 */
export async function countAttempt(db: Db, tried: readonly AttemptKey[], now: Date): Promise<SignInAttempt> {
	const keys = new Map(tried.map((one) => [hashToken(one), one]));
	const [firstKey] = keys.keys();
	const taken = await inTransaction(db, async (tx) => {
		// In one order for everyone, so that two never wait for each other.
		for (const key of [...keys.keys()].sort())
			await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${key}, 0))`);
		const rows = await tx
			.select({ key: signInFailures.key, n: count(), last: max(signInFailures.at) })
			.from(signInFailures)
			.where(
				and(
					inArray(signInFailures.key, [...keys.keys()]),
					gt(signInFailures.at, new Date(now.getTime() - WINDOW_MS)),
					// Noted by a clock that was ahead, they would keep everybody out until it has caught up.
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
