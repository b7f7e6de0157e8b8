import { hash, verify } from '@node-rs/argon2';
import { and, count, eq, gt, inArray, isNull, lt, sql } from 'drizzle-orm';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { hashToken, newToken } from './tokens';

const { users, sessions, signInFailures } = schema;

/** A session ends after this many days, used or not. Ours. */
export const SESSION_DAYS = 14;

/** Failures within the window that close an address, or everything from one origin, for the rest of it. Ours. */
const MOST_FAILURES = { address: 8, origin: 40 } as const;
const WINDOW_MINUTES = 15;

const minutes = (n: number) => n * 60_000;
const days = (n: number) => minutes(n * 24 * 60);

/** argon2id as OWASP's password storage sheet asks at least (from memory): 19 MiB, two passes, one lane. */
const ARGON2 = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** The form in which a password is kept. */
export function hashPassword(password: string): Promise<string> {
	return hash(password, ARGON2);
}

/** Verified against when the address is unknown, so that the time taken does not tell which addresses exist. */
let decoy: Promise<string> | null = null;

async function isClosed(db: Db, now: Date, keys: { address: string; origin: string }): Promise<boolean> {
	const since = new Date(now.getTime() - minutes(WINDOW_MINUTES));
	// Served by sign_in_failures_key_at_idx; at most some dozens of rows a key.
	const rows = await db
		.select({ key: signInFailures.key, n: count() })
		.from(signInFailures)
		.where(and(inArray(signInFailures.key, [keys.address, keys.origin]), gt(signInFailures.at, since)))
		.groupBy(signInFailures.key);
	const of = (key: string) => rows.find((row) => row.key === key)?.n ?? 0;
	return of(keys.address) >= MOST_FAILURES.address || of(keys.origin) >= MOST_FAILURES.origin;
}

async function noteFailure(db: Db, now: Date, keys: readonly string[]): Promise<void> {
	await db.insert(signInFailures).values(keys.map((key) => ({ key, at: now })));
	await db.delete(signInFailures).where(lt(signInFailures.at, new Date(now.getTime() - days(1))));
}

/** What is needed to sign in. `origin` is where the request comes from; only its hash is kept. */
export interface SignInInput {
	readonly email: string;
	readonly password: string;
	readonly origin: string;
	/** Which browser, as it names itself. */
	readonly device?: string;
}

/**
 * Signs a user in and gives the session's token. Wrong address and wrong password are shown alike; after too many
 * failures for one address, or from one origin, every try is refused until the window has passed.
 */
export async function signIn(
	db: Db,
	input: SignInInput,
	now: Date
): Promise<{ token: string; expiresAt: Date }> {
	const email = input.email.trim().toLowerCase();
	const keys = { address: hashToken(`address:${email}`), origin: hashToken(`origin:${input.origin}`) };
	if (await isClosed(db, now, keys))
		throw new Fault('too-many', { code: 'tooManyTries', facts: { minutes: WINDOW_MINUTES } });
	const [user] = await db
		.select()
		.from(users)
		.where(eq(sql`lower(${users.email})`, email));
	decoy ??= hashPassword(newToken());
	const matches = await verify(user && !user.closedAt ? user.passwordHash : await decoy, input.password);
	if (!user || user.closedAt || !matches) {
		await noteFailure(db, now, Object.values(keys));
		throw new Fault('invalid', 'wrongPassword', 'password');
	}
	const token = newToken();
	const expiresAt = new Date(now.getTime() + days(SESSION_DAYS));
	await db.transaction(async (tx) => {
		await tx.delete(signInFailures).where(eq(signInFailures.key, keys.address));
		await tx.delete(sessions).where(lt(sessions.expiresAt, now));
		await tx.insert(sessions).values({
			tokenHash: hashToken(token),
			userId: user.id,
			createdAt: now,
			expiresAt,
			device: (input.device ?? '').slice(0, 120)
		});
		const actor: Actor = { kind: 'user', id: user.id, name: user.name, role: user.role };
		await writeAuditLine(tx, actor, { at: now, act: 'signed-in' });
	});
	return { token, expiresAt };
}

/** The user of a session's token, or null where it is unknown or has ended. */
export async function userOfSession(
	db: Db,
	token: string,
	now: Date
): Promise<(Actor & { kind: 'user' }) | null> {
	const [row] = await db
		.select({ id: users.id, name: users.name, role: users.role })
		.from(sessions)
		.innerJoin(users, eq(users.id, sessions.userId))
		.where(
			and(eq(sessions.tokenHash, hashToken(token)), gt(sessions.expiresAt, now), isNull(users.closedAt))
		);
	return row ? { kind: 'user', ...row } : null;
}

/** Ends a session. Harmless where there is none. */
export async function signOut(db: Db, token: string): Promise<void> {
	await db.delete(sessions).where(eq(sessions.tokenHash, hashToken(token)));
}
