import { and, eq, sql } from 'drizzle-orm';
import { accountNotice } from '../../messages/letters';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { writeLetter } from '../post/write-letter';
import { isPassword } from './passwords';
import { beginSession, type Session } from './sessions';
import { forgetFailures, needNoWait, noteFailure, type Tried } from './throttle';
import { hashToken, newToken } from './tokens';

const { knownDevices, sessions, users } = schema;

const DAY_MS = 24 * 3_600_000;

/** Failures from browsers that an account does not know of which its owner is told, once a day. Ours. */
const TELLING_FAILURES = 10;

/** What is needed to sign in. `origin` is where the request comes from; only its hash is kept. */
export interface SignInInput {
	readonly email: string;
	readonly password: string;
	readonly origin: string;
	/** Which browser, as it names itself. */
	readonly device?: string;
	/** The secret that a browser keeps from the last time, if it has one. */
	readonly deviceToken?: string | undefined;
}

/** A session that was begun. */
export interface SignedIn {
	readonly token: string;
	readonly expiresAt: Date;
	/** Whether the code of the second factor is still to come. */
	readonly needsCode: boolean;
	/** What the browser keeps, so that it is known next time. */
	readonly deviceToken: string;
}

type User = typeof users.$inferSelect;

/** Tells the owner of an account by letter what happened to it. */
export async function tellOwner(
	db: Db,
	{ name, email }: Pick<User, 'name' | 'email'>,
	kind: Parameters<typeof accountNotice>[0]['kind'],
	now: Date
): Promise<void> {
	const words = accountNotice({ name, kind });
	await writeLetter(db, {
		personId: null,
		toName: name,
		toEmail: email,
		linkPath: '/desk/account',
		writtenAt: now,
		...words
	});
}

async function knows(db: Db, user: User | undefined, deviceToken: string | undefined): Promise<boolean> {
	if (!user || !deviceToken) return false;
	const [row] = await db
		.select({ userId: knownDevices.userId })
		.from(knownDevices)
		.where(and(eq(knownDevices.tokenHash, hashToken(deviceToken)), eq(knownDevices.userId, user.id)));
	return row !== undefined;
}

async function refuse(db: Db, user: User | undefined, tried: readonly Tried[], now: Date): Promise<never> {
	const failures = await noteFailure(db, tried, now);
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
	const isKnown = await knows(db, user, input.deviceToken);
	const mine: Tried = isKnown ? `device:${input.deviceToken ?? ''}` : `account:${email}`;
	// Somebody who has been here before is not kept out by what others do from the same office.
	const tried: Tried[] = isKnown ? [mine] : [mine, `origin:${input.origin}`];
	await needNoWait(db, tried, now);
	const matches = await isPassword(user && !user.closedAt ? user.passwordHash : null, input.password);
	if (!user || !matches) return refuse(db, user, tried, now);
	const deviceToken = input.deviceToken ?? newToken();
	return db.transaction(async (tx) => {
		const needsCode = user.codeSince !== null;
		const begun = await beginSession(tx, user.id, { device: input.device ?? '', isPending: needsCode }, now);
		await forgetFailures(tx, mine);
		await keepDevice(tx, user, deviceToken, isKnown, now);
		const actor: Actor = { kind: 'user', id: user.id, name: user.name, role: user.role };
		// With a second factor it is only half of it.
		if (!needsCode) await writeAuditLine(tx, actor, { at: now, act: 'signed-in' });
		return { ...begun, needsCode, deviceToken };
	});
}

/** Keeps which browser it was; its owner gets a letter where it is a new one and there were others before. */
async function keepDevice(tx: Db, user: User, token: string, isKnown: boolean, now: Date): Promise<void> {
	if (!isKnown && (await tx.$count(knownDevices, eq(knownDevices.userId, user.id))) > 0)
		await tellOwner(tx, user, 'new-device', now);
	await tx
		.insert(knownDevices)
		.values({ tokenHash: hashToken(token), userId: user.id, usedAt: now })
		.onConflictDoUpdate({ target: [knownDevices.userId, knownDevices.tokenHash], set: { usedAt: now } });
}

/** Takes the password once more within a session, for acts that ask for it. @throws Fault `invalid` where it is another */
export async function confirmPassword(
	db: Db,
	{ user, hash }: Session,
	password: string,
	now: Date
): Promise<void> {
	const tried: Tried = `device:${hash}`;
	await needNoWait(db, [tried], now);
	const [row] = await db.select({ kept: users.passwordHash }).from(users).where(eq(users.id, user.id));
	if (!(await isPassword(row?.kept ?? null, password))) {
		await noteFailure(db, [tried], now);
		await writeAuditLine(db, user, { at: now, act: 'sign-in-failed', detail: { user: user.id } });
		throw new Fault('invalid', 'wrongPasswordOfYours', '/password');
	}
	await forgetFailures(db, tried);
	await db.update(sessions).set({ confirmedAt: now }).where(eq(sessions.tokenHash, hash));
}
