import { and, eq } from 'drizzle-orm';
import type { AccountNotice } from '../../../core/platform/sending/email-kinds';
import { emailWords } from '../../../messages/emails';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { queueEmail } from '../email/queue-email';
import { hasSecondFactor } from './has-second-factor';
import { createSession } from './sessions';
import { hashToken, newToken } from './tokens';

const { knownDevices, users } = schema;

type User = typeof users.$inferSelect;

export interface Browser {
	/** Its name, as it reports it. */
	readonly device?: string;
	/** The secret it kept from the last time, if any. */
	readonly deviceToken?: string | undefined;
}

export interface SignedIn {
	readonly token: string;
	readonly expiresAt: Date;
	/** Whether the second factor is still missing. */
	readonly needsCode: boolean;
	/** What the browser keeps, so that it is recognised next time. */
	readonly deviceToken: string;
}

/** Emails the owner of an account about what happened to it. */
export async function notifyOwner(
	db: Db,
	{ name, email, language }: Pick<User, 'name' | 'email' | 'language'>,
	kind: AccountNotice,
	now: Date
): Promise<void> {
	await queueEmail(db, {
		personId: null,
		toName: name,
		toEmail: email,
		linkPath: '/desk/account',
		writtenAt: now,
		...emailWords(kind, { name, language })
	});
}

export async function notifyOwnerOf(db: Db, userId: string, kind: AccountNotice, now: Date): Promise<void> {
	const [owner] = await db
		.select({ name: users.name, email: users.email, language: users.language })
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

/** Remembers the browser; its owner is emailed where it is new and there were others before. */
async function keepBrowser(tx: Db, user: User, token: string, isKnown: boolean, now: Date): Promise<void> {
	if (!isKnown && (await tx.$count(knownDevices, eq(knownDevices.userId, user.id))) > 0)
		await notifyOwner(tx, user, 'new-device', now);
	await tx
		.insert(knownDevices)
		.values({ tokenHash: hashToken(token), userId: user.id, usedAt: now })
		.onConflictDoUpdate({ target: [knownDevices.userId, knownDevices.tokenHash], set: { usedAt: now } });
}

/**
 * Begins the session of someone who has proved who they are, in the same transaction.
 * @param by what they used. A passkey is two factors in one, since the device asks for a finger or a PIN; the organisation's sign-in counts as two if it says so (`isStrong`)
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
	// With a second factor, this is only half of it.
	if (!needsCode) await writeAuditLine(tx, actor, { at: now, act: 'signed-in', detail: { by: by.how } });
	return { ...begun, needsCode, deviceToken };
}
