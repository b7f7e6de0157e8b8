import { randomBytes } from 'node:crypto';
import { and, eq, isNull, lt, not, or } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { notifyOwner } from './start-session';
import { decryptSecret, encryptSecret } from './secret-keys';
import { hasSecondFactor } from './has-second-factor';
import type { Session } from './sessions';
import { countAttempt, type SignInAttempt } from './throttle';
import { hashToken } from './tokens';

const { sessions, users } = schema;

/** Codes of six digits, one each 30 s (RFC 6238), one to either side taken for clocks that are off. */
const STEP_S = 30;
const STEPS_OFF = 1;

/** Wrong codes of which the owner is told: as many as cost no wait, and one more. Our assumption. */
const TELLING_FAILURES = 5;

const DAY_MS = 24 * 3_600_000;

/** Codes for who has lost the device. Our assumption. */
const RECOVERY_CODES = 10;

type User = Actor & { kind: 'user' };

const totp = (secret: string, label: string) =>
	new TOTP({ issuer: 'Easy Corner', label, secret: Secret.fromBase32(secret), period: STEP_S });

/** The step that a code belongs to, or null where it is none. @param kept the secret as it is kept */
function stepOf(kept: string, code: string, now: Date): number | null {
	const secret = decryptSecret(kept);
	if (secret === null) return null;
	const timestamp = now.getTime();
	const delta = totp(secret, '').validate({ token: code, timestamp, window: STEPS_OFF });
	return delta === null ? null : Math.floor(timestamp / (STEP_S * 1000)) + delta;
}

/** Takes blanks and dashes out of what was typed. */
const plain = (code: string) => code.replace(/[\s-]/g, '').toLowerCase();

/** Makes a secret that is not in force yet, once: the page that shows it may be read again, also in another tab. @returns it, and as an address for a QR code */
export async function newTotpSecret(db: Db, actor: User): Promise<{ secret: string; uri: string }> {
	const secret = new Secret({ size: 20 }).base32;
	await db
		.update(users)
		.set({ codeSecret: encryptSecret(secret) })
		.where(and(eq(users.id, actor.id), isNull(users.codeSince), isNull(users.codeSecret)));
	const [user] = await db
		.select({ email: users.email, kept: users.codeSecret, since: users.codeSince })
		.from(users)
		.where(eq(users.id, actor.id));
	const kept = user?.kept ? decryptSecret(user.kept) : null;
	if (!user || kept === null || user.since) throw new DomainError('conflict', 'codeInForce');
	return { secret: kept, uri: totp(kept, user.email).toString() };
}

/** Puts the second factor in force with the first code of it. @returns codes for who has lost the device, shown once */
export async function enableTotp(db: Db, actor: User, code: string, now: Date): Promise<string[]> {
	const attempt = await countAttempt(db, [`code:${actor.id}`], now);
	const [user] = await db.select().from(users).where(eq(users.id, actor.id));
	if (!user?.codeSecret || user.codeSince) throw new DomainError('conflict', 'codeInForce');
	const step = stepOf(user.codeSecret, plain(code), now);
	if (step === null) throw new DomainError('invalid', 'wrongCode', '/code');
	return db.transaction(async (tx) => {
		await attempt.succeeded(tx);
		await tx.update(users).set({ codeSince: now, codeStep: step }).where(eq(users.id, actor.id));
		await notifyOwner(tx, user, 'factor-set', now);
		await writeAuditLine(tx, actor, { at: now, act: 'second-factor-set' });
		return newRecoveryCodes(tx, actor.id);
	});
}

/** Makes codes for who has lost their device, instead of those there were. @returns them, as they are shown once */
export async function newRecoveryCodes(tx: Db, userId: string): Promise<string[]> {
	const codes = Array.from({ length: RECOVERY_CODES }, () => randomBytes(5).toString('hex'));
	await tx
		.update(users)
		.set({ recoveryHashes: codes.map(hashToken) })
		.where(eq(users.id, userId));
	return codes.map((one) => `${one.slice(0, 5)}-${one.slice(5)}`);
}

/** Takes the codes for a lost device away where there is no second factor left that they could stand for. */
export async function removeIdleRecoveryCodes(tx: Db, userId: string): Promise<void> {
	await tx
		.update(users)
		.set({ recoveryHashes: [] })
		.where(and(eq(users.id, userId), not(hasSecondFactor)));
}

/** Takes the codes of a phone away. */
export async function disableTotp(db: Db, actor: User, now: Date): Promise<void> {
	await db.transaction(async (tx) => {
		const [user] = await tx.select().from(users).where(eq(users.id, actor.id)).for('update');
		await tx
			.update(users)
			.set({ codeSecret: null, codeSince: null, codeStep: 0 })
			.where(eq(users.id, actor.id));
		// One that was offered and never begun was none.
		if (user?.codeSince) await notifyOwner(tx, user, 'factor-ended', now);
		await removeIdleRecoveryCodes(tx, actor.id);
		await writeAuditLine(tx, actor, { at: now, act: 'second-factor-ended' });
	});
}

/** How many codes for who has lost the device are left. */
export async function countRecoveryCodes(db: Db, actor: User): Promise<number> {
	const [user] = await db.select({ left: users.recoveryHashes }).from(users).where(eq(users.id, actor.id));
	return user?.left.length ?? 0;
}

/**
 * Opens a session that waits for its code, by a code of the device or one of those for who has lost it. Each is taken once (ASVS 2.8.4,
 * from memory).
 *
 * @throws DomainError `invalid` for a wrong code, `too-many` where someone guesses
 */
export async function verifySecondFactor(
	db: Db,
	{ user, hash }: Session,
	typed: string,
	now: Date
): Promise<void> {
	const attempt = await countAttempt(db, [`code:${user.id}`], now);
	const code = plain(typed);
	const isTaken = await db.transaction(async (tx) => {
		const [row] = await tx.select().from(users).where(eq(users.id, user.id)).for('update');
		if (!row) return false;
		const step = row.codeSecret && row.codeSince ? stepOf(row.codeSecret, code, now) : null;
		const left = row.recoveryHashes.filter((one) => one !== hashToken(code));
		const isRecovery = left.length < row.recoveryHashes.length;
		if (!isRecovery && (step === null || step <= row.codeStep)) return false;
		await tx
			.update(users)
			.set(isRecovery ? { recoveryHashes: left } : { codeStep: step ?? row.codeStep })
			.where(eq(users.id, user.id));
		await tx.update(sessions).set({ isPending: false }).where(eq(sessions.tokenHash, hash));
		await attempt.succeeded(tx);
		await writeAuditLine(tx, user, { at: now, act: isRecovery ? 'recovery-code-used' : 'signed-in' });
		return true;
	});
	if (isTaken) return;
	await writeAuditLine(db, { kind: 'system' }, { at: now, act: 'sign-in-failed', detail: { user: user.id } });
	await warnOfGuessing(db, user, attempt, now);
	throw new DomainError('invalid', 'wrongCode', '/code');
}

/** Tells the owner of an account, once a day, that someone who has the password keeps trying codes. */
async function warnOfGuessing(db: Db, { id }: User, { failures }: SignInAttempt, now: Date): Promise<void> {
	if (failures < TELLING_FAILURES) return;
	await db.transaction(async (tx) => {
		const [owner] = await tx
			.update(users)
			.set({ codeWarnedAt: now })
			.where(
				and(
					eq(users.id, id),
					or(isNull(users.codeWarnedAt), lt(users.codeWarnedAt, new Date(now.getTime() - DAY_MS)))
				)
			)
			.returning({ name: users.name, email: users.email });
		if (owner) await notifyOwner(tx, owner, 'codes', now);
	});
}
