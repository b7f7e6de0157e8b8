import { and, eq } from 'drizzle-orm';
import type { AccountNotice } from '../../core/sending/email-kinds';
import { emailWords } from '../../messages/emails';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { queueEmail } from '../email/queue-email';
import { hasSecondFactor } from './has-second-factor';
import { createSession } from './sessions';
import { hashToken, newToken } from './tokens';

const { knownDevices, users } = schema;

type User = typeof users.$inferSelect;

/** The browser that someone signs in from. */
export interface Browser {
	/** Which one, as it names itself. */
	readonly device?: string;
	/** The secret that it keeps from the last time, if it has one. */
	readonly deviceToken?: string | undefined;
}

/** A session that was begun. */
export interface SignedIn {
	readonly token: string;
	readonly expiresAt: Date;
	/** Whether the second factor is still to come. */
	readonly needsCode: boolean;
	/** What the browser keeps, so that it is known next time. */
	readonly deviceToken: string;
}

/** Tells the owner of an account by letter what happened to it. */
export async function notifyOwner(
	db: Db,
	{ name, email }: Pick<User, 'name' | 'email'>,
	kind: AccountNotice,
	now: Date
): Promise<void> {
	await queueEmail(db, {
		personId: null,
		toName: name,
		toEmail: email,
		linkPath: '/desk/account',
		writtenAt: now,
		...emailWords(kind, { name })
	});
}

/** The same where only the account's id is at hand. */
export async function notifyOwnerOf(db: Db, userId: string, kind: AccountNotice, now: Date): Promise<void> {
	const [owner] = await db
		.select({ name: users.name, email: users.email })
		.from(users)
		.where(eq(users.id, userId));
	if (owner) await notifyOwner(db, owner, kind, now);
}

/** Whether someone has signed in from a browser before. */
export async function isKnownBrowser(
	db: Db,
	user: User | undefined,
	{ deviceToken }: Browser
): Promise<boolean> {
	if (!user || !deviceToken) return false;
	const [row] = await db
		.select({ userId: knownDevices.userId })
		.from(knownDevices)
		.where(and(eq(knownDevices.tokenHash, hashToken(deviceToken)), eq(knownDevices.userId, user.id)));
	return row !== undefined;
}

/** Keeps which browser it was; its owner gets a letter where it is a new one and there were others before. */
async function keepBrowser(tx: Db, user: User, token: string, isKnown: boolean, now: Date): Promise<void> {
	if (!isKnown && (await tx.$count(knownDevices, eq(knownDevices.userId, user.id))) > 0)
		await notifyOwner(tx, user, 'new-device', now);
	await tx
		.insert(knownDevices)
		.values({ tokenHash: hashToken(token), userId: user.id, usedAt: now })
		.onConflictDoUpdate({ target: [knownDevices.userId, knownDevices.tokenHash], set: { usedAt: now } });
}

/**
 * Begins the session of someone who has shown who they are, in the transaction of that.
 *
 * @param by what they showed. A passkey is two factors in one, since the device asks for a finger or a number of its own; the organisation's
 * own sign-in is where it says so (`isStrong`)
 */
export async function startSession(
	tx: Db,
	user: User,
	browser: Browser,
	by: { readonly how: 'password' | 'passkey' | 'provider'; readonly isStrong: boolean },
	now: Date
): Promise<SignedIn> {
	const isKnown = await isKnownBrowser(tx, user, browser);
	const deviceToken = browser.deviceToken ?? newToken();
	const [factor] = await tx.select({ has: hasSecondFactor }).from(users).where(eq(users.id, user.id));
	const needsCode = !by.isStrong && factor?.has === true;
	const begun = await createSession(
		tx,
		user.id,
		{ device: browser.device ?? '', isPending: needsCode, isStrong: by.isStrong },
		now
	);
	await keepBrowser(tx, user, deviceToken, isKnown, now);
	const actor: Actor = { kind: 'user', id: user.id, name: user.name, role: user.role };
	// With a second factor it is only half of it.
	if (!needsCode) await writeAuditLine(tx, actor, { at: now, act: 'signed-in', detail: { by: by.how } });
	return { ...begun, needsCode, deviceToken };
}
