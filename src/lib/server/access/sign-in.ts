import { eq, sql } from 'drizzle-orm';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { enter, knowsBrowser, tellOwner, type Browser, type SignedIn } from './enter';
import { isPassword } from './passwords';
import type { Session } from './sessions';
import { takeAttempt, type Attempt, type Tried } from './throttle';

const { sessions, users } = schema;

const DAY_MS = 24 * 3_600_000;

/** Failures from browsers that an account does not know of which its owner is told, once a day. Ours. */
const TELLING_FAILURES = 10;

/** What is needed to sign in. `origin` is where the request comes from; only its hash is kept. */
export interface SignInInput extends Browser {
	readonly email: string;
	readonly password: string;
	readonly origin: string;
}

type User = typeof users.$inferSelect;

async function refuse(db: Db, user: User | undefined, { failures }: Attempt, now: Date): Promise<never> {
	const detail: Record<string, string> = user ? { user: user.id } : {};
	await writeAuditLine(db, { kind: 'system' }, { at: now, act: 'sign-in-failed', detail });
	const wasTold = user?.warnedAt && now.getTime() - user.warnedAt.getTime() < DAY_MS;
	if (user && !user.closedAt && failures >= TELLING_FAILURES && !wasTold) {
		await db.update(users).set({ warnedAt: now }).where(eq(users.id, user.id));
		await tellOwner(db, user, 'tries', now);
	}
	throw new Fault('invalid', 'wrongPassword', 'password');
}

/**
 * Signs a user in and gives the session's token. Wrong address and wrong password are shown alike and take as long; failures slow
 * down whoever comes from a browser that the account does not know, and leave those alone that it knows.
 */
export async function signIn(db: Db, input: SignInInput, now: Date): Promise<SignedIn> {
	const email = input.email.trim().toLowerCase();
	const [user] = await db
		.select()
		.from(users)
		.where(eq(sql`lower(${users.email})`, email));
	const isKnown = await knowsBrowser(db, user, input);
	const mine: Tried = isKnown ? `device:${input.deviceToken ?? ''}` : `account:${email}`;
	// Somebody who has been here before is not kept out by what others do from the same office.
	const tried: Tried[] = isKnown ? [mine] : [mine, `origin:${input.origin}`];
	const attempt = await takeAttempt(db, tried, now);
	const matches = await isPassword(user && !user.closedAt ? user.passwordHash : null, input.password);
	if (!user || !matches) return refuse(db, user, attempt, now);
	return db.transaction(async (tx) => {
		await attempt.succeeded(tx);
		return enter(tx, user, input, { how: 'password', isStrong: false }, now);
	});
}

/** Takes the password once more within a session, for acts that ask for it. @throws Fault `invalid` where it is another */
export async function confirmPassword(
	db: Db,
	{ user, hash }: Session,
	password: string,
	now: Date
): Promise<void> {
	const tried: Tried = `device:${hash}`;
	const attempt = await takeAttempt(db, [tried], now);
	const [row] = await db.select({ kept: users.passwordHash }).from(users).where(eq(users.id, user.id));
	if (!(await isPassword(row?.kept ?? null, password))) {
		await writeAuditLine(db, user, { at: now, act: 'sign-in-failed', detail: { user: user.id } });
		throw new Fault('invalid', 'wrongPasswordOfYours', '/password');
	}
	await attempt.succeeded(db);
	await db.update(sessions).set({ confirmedAt: now }).where(eq(sessions.tokenHash, hash));
}
