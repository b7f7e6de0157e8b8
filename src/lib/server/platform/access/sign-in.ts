import { eq, sql } from 'drizzle-orm';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { startSession, isKnownBrowser, notifyOwner, type Browser, type SignedIn } from './start-session';
import { verifyPassword } from './passwords';
import type { Session } from './sessions';
import { countAttempt, type SignInAttempt, type AttemptKey } from './throttle';

const { sessions, users } = schema;

const DAY_MS = 24 * 3_600_000;

/** Failures from unknown browsers after which the account's owner is emailed, once a day. Our assumption. */
const TELLING_FAILURES = 10;

/** What a sign-in needs. `origin` is where the request comes from; only its hash is stored. */
export interface SignInInput extends Browser {
	readonly email: string;
	readonly password: string;
	readonly origin: string;
}

type User = typeof users.$inferSelect;

async function refuse(
	db: Db,
	user: User | undefined,
	{ failures }: SignInAttempt,
	now: Date
): Promise<never> {
	const detail: Record<string, string> = user ? { user: user.id } : {};
	await writeAuditLine(db, { kind: 'system' }, { at: now, act: 'sign-in-failed', detail });
	const wasTold = user?.warnedAt && now.getTime() - user.warnedAt.getTime() < DAY_MS;
	if (user && !user.closedAt && failures >= TELLING_FAILURES && !wasTold) {
		await db.update(users).set({ warnedAt: now }).where(eq(users.id, user.id));
		await notifyOwner(db, user, 'tries', now);
	}
	throw new DomainError('invalid', 'wrongPassword', 'password');
}

/**
 * Signs a user in and returns the session's token. A wrong address and a wrong password look alike and take equally long. Failures slow
 * down attempts from browsers the account does not know, and leave known ones alone.
 */
export async function signIn(db: Db, input: SignInInput, now: Date): Promise<SignedIn> {
	const email = input.email.trim().toLowerCase();
	const [user] = await db
		.select()
		.from(users)
		.where(eq(sql`lower(${users.email})`, email));
	const isKnown = await isKnownBrowser(db, user, input);
	const mine: AttemptKey = isKnown ? `device:${input.deviceToken ?? ''}` : `account:${email}`;
	// Someone who has been here before is not locked out by what others do from the same office.
	const tried: AttemptKey[] = isKnown ? [mine] : [mine, `origin:${input.origin}`];
	const attempt = await countAttempt(db, tried, now);
	const matches = await verifyPassword(user && !user.closedAt ? user.passwordHash : null, input.password);
	if (!user || !matches) return refuse(db, user, attempt, now);
	return inTransaction(db, async (tx) => {
		const session = await startSession(tx, user, input, { how: 'password', isStrong: false }, now);
		await attempt.succeeded(tx);
		return session;
	});
}

/**
 * Checks the password again within a session, for acts that ask for it.
 * @throws DomainError `invalid` where it is wrong
 */
export async function confirmPassword(
	db: Db,
	{ user, hash }: Session,
	password: string,
	now: Date
): Promise<void> {
	const tried: AttemptKey = `device:${hash}`;
	const attempt = await countAttempt(db, [tried], now);
	const [row] = await db.select({ kept: users.passwordHash }).from(users).where(eq(users.id, user.id));
	if (!(await verifyPassword(row?.kept ?? null, password))) {
		await writeAuditLine(db, user, { at: now, act: 'sign-in-failed', detail: { user: user.id } });
		throw new DomainError('invalid', 'wrongPasswordOfYours', '/password');
	}
	await attempt.succeeded(db);
	await db.update(sessions).set({ confirmedAt: now }).where(eq(sessions.tokenHash, hash));
}
