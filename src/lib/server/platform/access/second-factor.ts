import { randomBytes } from 'node:crypto';
import { and, eq, isNull, lt, not, or } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { notifyOwner } from './start-session';
import { decryptSecret, encryptSecret } from './secret-keys';
import { hasSecondFactor } from './has-second-factor';
import type { Session } from './sessions';
import { countAttempt, type SignInAttempt } from './throttle';
import { hashToken } from './tokens';

const { sessions, users } = schema;

/** Six-digit codes, one every 30 s (RFC 6238); one step to either side is accepted for inaccurate clocks. */
const STEP_S = 30;
const STEPS_OFF = 1;

/** Wrong codes after which the owner is emailed: one more than are free of waiting time. Our assumption. */
const TELLING_FAILURES = 5;

const DAY_MS = 24 * 3_600_000;

/** Number of recovery codes. Our assumption. */
const RECOVERY_CODES = 10;

type User = Actor & { kind: 'user' };

const totp = (secret: string, label: string) =>
	new TOTP({ issuer: 'Easy Corner', label, secret: Secret.fromBase32(secret), period: STEP_S });

/**
 * The time step of a code, or null where it is wrong.
 * @param kept the stored secret
 */
function stepOf(kept: string, code: string, now: Date): number | null {
	const secret = decryptSecret(kept);
	if (secret === null) return null;
	const timestamp = now.getTime();
	const delta = totp(secret, '').validate({ token: code, timestamp, window: STEPS_OFF });
	return delta === null ? null : Math.floor(timestamp / (STEP_S * 1000)) + delta;
}

/** The typed code without spaces and dashes. */
const plain = (code: string) => code.replace(/[\s-]/g, '').toLowerCase();

/**
 * Makes a secret that is not active yet, only once: the page that shows it may be opened again, also in another tab.
 * @returns the secret, and a URI for a QR code
 */
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
	if (!user || kept === null || user.since) throw new DomainError('conflict', 'factorIsSet');
	return { secret: kept, uri: totp(kept, user.email).toString() };
}

/**
 * Activates the second factor with its first code.
 * @returns recovery codes, shown once
 */
export async function enableTotp(db: Db, actor: User, code: string, now: Date): Promise<string[]> {
	const attempt = await countAttempt(db, [`code:${actor.id}`], now);
	const [user] = await db.select().from(users).where(eq(users.id, actor.id));
	if (!user?.codeSecret || user.codeSince) throw new DomainError('conflict', 'factorIsSet');
	const step = stepOf(user.codeSecret, plain(code), now);
	if (step === null) throw new DomainError('invalid', 'wrongCode', '/code');
	return inTransaction(db, async (tx) => {
		await tx.update(users).set({ codeSince: now, codeStep: step }).where(eq(users.id, actor.id));
		await attempt.succeeded(tx);
		await notifyOwner(tx, user, 'factor-set', now);
		await writeAuditLine(tx, actor, { at: now, act: 'second-factor-set' });
		return newRecoveryCodes(tx, actor.id);
	});
}

/**
 * Replaces the recovery codes.
 * @returns the new ones, shown once
 */
export async function newRecoveryCodes(tx: Db, userId: string): Promise<string[]> {
	const codes = Array.from({ length: RECOVERY_CODES }, () => randomBytes(5).toString('hex'));
	await tx
		.update(users)
		.set({ recoveryHashes: codes.map(hashToken) })
		.where(eq(users.id, userId));
	return codes.map((one) => `${one.slice(0, 5)}-${one.slice(5)}`);
}

/** Removes the recovery codes where there is no second factor left for them to replace. */
export async function removeIdleRecoveryCodes(tx: Db, userId: string): Promise<void> {
	await tx
		.update(users)
		.set({ recoveryHashes: [] })
		.where(and(eq(users.id, userId), not(hasSecondFactor)));
}

export async function disableTotp(db: Db, actor: User, now: Date): Promise<void> {
	await inTransaction(db, async (tx) => {
		const [user] = await tx.select().from(users).where(eq(users.id, actor.id)).for('update');
		await tx
			.update(users)
			.set({ codeSecret: null, codeSince: null, codeStep: 0 })
			.where(eq(users.id, actor.id));
		// A factor that was offered and never activated is none.
		if (user?.codeSince) await notifyOwner(tx, user, 'factor-ended', now);
		await removeIdleRecoveryCodes(tx, actor.id);
		await writeAuditLine(tx, actor, { at: now, act: 'second-factor-ended' });
	});
}

export async function countRecoveryCodes(db: Db, actor: User): Promise<number> {
	const [user] = await db.select({ left: users.recoveryHashes }).from(users).where(eq(users.id, actor.id));
	return user?.left.length ?? 0;
}

/**
 * Opens a session that waits for its second factor, by a code of the device or a recovery code. Each works once (ASVS 2.8.4, from memory).
 * @throws DomainError `invalid` for a wrong code, `too-many` where someone is guessing
 */
export async function verifySecondFactor(
	db: Db,
	{ user, hash }: Session,
	typed: string,
	now: Date
): Promise<void> {
	const attempt = await countAttempt(db, [`code:${user.id}`], now);
	const code = plain(typed);
	const isTaken = await inTransaction(db, async (tx) => {
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

/** Emails the owner of an account, once a day, that someone who has the password keeps trying codes. */
async function warnOfGuessing(db: Db, { id }: User, { failures }: SignInAttempt, now: Date): Promise<void> {
	if (failures < TELLING_FAILURES) return;
	await inTransaction(db, async (tx) => {
		const [owner] = await tx
			.update(users)
			.set({ codeWarnedAt: now })
			.where(
				and(
					eq(users.id, id),
					or(isNull(users.codeWarnedAt), lt(users.codeWarnedAt, new Date(now.getTime() - DAY_MS)))
				)
			)
			.returning({ name: users.name, email: users.email, language: users.language });
		if (owner) await notifyOwner(tx, owner, 'codes', now);
	});
}
