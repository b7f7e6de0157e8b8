import { and, count, eq, gt, inArray, lt, lte, max } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { hashToken } from './tokens';

const { signInFailures } = schema;

const SECOND_MS = 1000;
const DAY_MS = 24 * 3_600_000;

/** Failures are counted for so long, ms. Ours. */
const WINDOW_MS = 3_600_000;

/** The longest wait, ms. Ours: ASVS 2.2.1 (from memory) lets at most a hundred tries an hour through. */
const LONGEST_MS = 15 * 60_000;

/** What is tried, and by whom: an account from browsers that it does not know, from one that it knows, its second factor; all from one origin. */
export type Tried = `account:${string}` | `device:${string}` | `code:${string}` | `origin:${string}`;

/** Failures that cost no wait: somebody mistypes. Many people sit behind one origin. */
const FREE = { account: 4, device: 8, code: 4, origin: 40 } as const;

/** How long to wait after so many failures, ms: from one second, twice as long each time. */
export function waitAfter(failures: number, free: number): number {
	return failures <= free ? 0 : Math.min(SECOND_MS * 2 ** (failures - free - 1), LONGEST_MS);
}

const freeOf = (tried: Tried) => FREE[tried.slice(0, tried.indexOf(':')) as keyof typeof FREE];

/**
 * Refuses a try while one of what it is counted under has to wait.
 *
 * Cost: by sign_in_failures_key_at_idx; at most some hundreds of rows a key.
 */
export async function needNoWait(db: Db, tried: readonly Tried[], now: Date): Promise<void> {
	const keys = new Map(tried.map((one) => [hashToken(one), one]));
	const rows = await db
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
		const wait = waitAfter(n, freeOf(keys.get(key) ?? 'account:'));
		return Number(last ?? 0) + wait - now.getTime();
	});
	const seconds = Math.ceil(Math.max(0, ...waits) / SECOND_MS);
	if (seconds > 0) throw new Fault('too-many', { code: 'tooManyTries', facts: { seconds } });
}

/** Counts a failure. @returns how many there are of the first of what it is counted under */
export async function noteFailure(db: Db, tried: readonly Tried[], now: Date): Promise<number> {
	const keys = tried.map(hashToken);
	await db.insert(signInFailures).values(keys.map((key) => ({ key, at: now })));
	await db.delete(signInFailures).where(lt(signInFailures.at, new Date(now.getTime() - DAY_MS)));
	return db.$count(
		signInFailures,
		and(eq(signInFailures.key, keys[0] ?? ''), gt(signInFailures.at, new Date(now.getTime() - WINDOW_MS)))
	);
}

/** Forgets the failures of what has succeeded. */
export async function forgetFailures(db: Db, tried: Tried): Promise<void> {
	await db.delete(signInFailures).where(eq(signInFailures.key, hashToken(tried)));
}
