import { createHash } from 'node:crypto';
import {
	generateAuthenticationOptions,
	generateRegistrationOptions,
	verifyAuthenticationResponse,
	verifyRegistrationResponse,
	type AuthenticationResponseJSON,
	type PublicKeyCredentialCreationOptionsJSON,
	type PublicKeyCredentialRequestOptionsJSON,
	type RegistrationResponseJSON
} from '@simplewebauthn/server';
import { decodeClientDataJSON } from '@simplewebauthn/server/helpers';
import { and, asc, eq, gt, isNull, lt } from 'drizzle-orm';
import { isIP } from 'node:net';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { startSession, notifyOwner, notifyOwnerOf, type Browser, type SignedIn } from './start-session';
import { removeIdleRecoveryCodes, newRecoveryCodes } from './second-factor';
import type { Session } from './sessions';
import { countAttempt, type AttemptKey } from './throttle';

const { passkeyChallenges, passkeys, sessions, users } = schema;

type User = Actor & { kind: 'user' };

/** Time a device has to sign its challenge, ms. Our assumption. */
const ANSWER_MS = 5 * 60_000;

/** Most passkeys per account. Our assumption. */
const MOST = 10;

/** The name that passkeys are bound to, and the origin they are used at. */
export interface RelyingParty {
	readonly id: string;
	readonly origin: string;
}

/** The relying party of an origin, or null where it is an IP address: passkeys need a name. */
export function relyingPartyAt(origin: string): RelyingParty | null {
	const { hostname } = new URL(origin);
	return isIP(hostname.replace(/^\[|\]$/g, '')) ? null : { id: hostname, origin };
}

const hashOf = (challenge: string) => createHash('sha256').update(challenge).digest('hex');

async function keepChallenge(db: Db, challenge: string, userId: string | null, now: Date): Promise<void> {
	await db.delete(passkeyChallenges).where(lt(passkeyChallenges.expiresAt, now));
	await db
		.insert(passkeyChallenges)
		.values({ hash: hashOf(challenge), userId, expiresAt: new Date(now.getTime() + ANSWER_MS) });
}

/** The challenge that a device says it signed, or null where it names none. */
function challengeIn(clientDataJson: string): string | null {
	try {
		const { challenge } = decodeClientDataJSON(clientDataJson);
		return typeof challenge === 'string' ? challenge : null;
	} catch (thrown) {
		if (thrown instanceof SyntaxError) return null;
		throw thrown;
	}
}

/**
 * Uses up the challenge that was signed: once, in time, and only for the user it was made for.
 * @returns it, or null where there is none
 */
async function takeChallenge(
	db: Db,
	clientDataJson: string,
	userId: string | null,
	now: Date
): Promise<string | null> {
	const challenge = challengeIn(clientDataJson);
	if (challenge === null) return null;
	const taken = await db
		.delete(passkeyChallenges)
		.where(
			and(
				eq(passkeyChallenges.hash, hashOf(challenge)),
				gt(passkeyChallenges.expiresAt, now),
				userId === null ? isNull(passkeyChallenges.userId) : eq(passkeyChallenges.userId, userId)
			)
		)
		.returning({ hash: passkeyChallenges.hash });
	return taken.length === 1 ? challenge : null;
}

/** A user's passkeys, oldest first. */
export async function listPasskeys(db: Db, userId: string) {
	return db
		.select({
			id: passkeys.id,
			name: passkeys.name,
			createdAt: passkeys.createdAt,
			usedAt: passkeys.usedAt
		})
		.from(passkeys)
		.where(eq(passkeys.userId, userId))
		.orderBy(asc(passkeys.createdAt));
}

/** Asks a device for a new passkey. */
export async function startPasskeyRegistration(
	db: Db,
	actor: User,
	party: RelyingParty,
	now: Date
): Promise<PublicKeyCredentialCreationOptionsJSON> {
	const [user] = await db.select({ email: users.email }).from(users).where(eq(users.id, actor.id));
	const there = await listPasskeys(db, actor.id);
	if (there.length >= MOST)
		throw new DomainError('conflict', { code: 'tooManyPasskeys', facts: { most: MOST } });
	const options = await generateRegistrationOptions({
		rpName: 'Easy Corner',
		rpID: party.id,
		userID: new TextEncoder().encode(actor.id),
		userName: user?.email ?? actor.name,
		userDisplayName: actor.name,
		attestationType: 'none',
		excludeCredentials: there.map(({ id }) => ({ id })),
		authenticatorSelection: { residentKey: 'required', userVerification: 'required' }
	});
	await keepChallenge(db, options.challenge, actor.id, now);
	return options;
}

/** The library's result for an answer, or null where it refuses it; the reason is none of the sender's business. */
async function verified<T extends { verified: boolean }>(work: () => Promise<T>): Promise<T | null> {
	try {
		const answer = await work();
		return answer.verified ? answer : null;
	} catch (thrown) {
		// The library looks nothing up and makes no requests: whatever it throws is a fault of the answer.
		if (thrown instanceof Error) return null;
		throw thrown;
	}
}

/**
 * Saves a new passkey and emails its owner.
 * @returns recovery codes, shown once, where there were none
 * @throws DomainError `invalid` for an answer that does not match the request
 */
export async function addPasskey(
	db: Db,
	actor: User,
	party: RelyingParty,
	{ response, name }: { readonly response: RegistrationResponseJSON; readonly name: string },
	now: Date
): Promise<string[]> {
	const expectedChallenge = await takeChallenge(db, response.response.clientDataJSON, actor.id, now);
	if (expectedChallenge === null) throw new DomainError('invalid', 'passkeyRefused');
	const answer = await verified(() =>
		verifyRegistrationResponse({
			response,
			expectedChallenge,
			expectedOrigin: party.origin,
			expectedRPID: party.id,
			requireUserVerification: true
		})
	);
	if (!answer?.registrationInfo) throw new DomainError('invalid', 'passkeyRefused');
	const { credential } = answer.registrationInfo;
	return inTransaction(db, async (tx) => {
		const [user] = await tx.select().from(users).where(eq(users.id, actor.id)).for('update');
		if (!user) throw new DomainError('invalid', 'passkeyRefused');
		const kept = await tx
			.insert(passkeys)
			.values({
				id: credential.id,
				userId: actor.id,
				publicKey: Buffer.from(credential.publicKey).toString('base64url'),
				signed: credential.counter,
				transports: credential.transports ?? [],
				name: name.trim(),
				createdAt: now
			})
			.onConflictDoNothing()
			.returning({ id: passkeys.id });
		if (kept.length === 0) throw new DomainError('conflict', 'passkeyRefused');
		await notifyOwner(tx, user, 'passkey', now);
		await writeAuditLine(tx, actor, { at: now, act: 'passkey-added' });
		return user.recoveryHashes.length === 0 ? newRecoveryCodes(tx, actor.id) : [];
	});
}

/** Removes a passkey. Harmless where there is none of that id. */
export async function removePasskey(db: Db, actor: User, id: string, now: Date): Promise<void> {
	await inTransaction(db, async (tx) => {
		const gone = await tx
			.delete(passkeys)
			.where(and(eq(passkeys.id, id), eq(passkeys.userId, actor.id)))
			.returning({ id: passkeys.id });
		if (gone.length === 0) return;
		await removeIdleRecoveryCodes(tx, actor.id);
		await notifyOwnerOf(tx, actor.id, 'passkey-removed', now);
		await writeAuditLine(tx, actor, { at: now, act: 'passkey-removed' });
	});
}

/** Asks a device for a passkey of whoever is using it: the device says which account. */
export async function startPasskeySignIn(
	db: Db,
	party: RelyingParty,
	now: Date
): Promise<PublicKeyCredentialRequestOptionsJSON> {
	const options = await generateAuthenticationOptions({ rpID: party.id, userVerification: 'required' });
	await keepChallenge(db, options.challenge, null, now);
	return options;
}

/** The owner of the passkey that signed an answer. The signature counter goes up with it: a copy would lag behind. */
async function ownerOf(db: Db, party: RelyingParty, response: AuthenticationResponseJSON, now: Date) {
	const [row] = await db
		.select({ key: passkeys, user: users })
		.from(passkeys)
		.innerJoin(users, eq(users.id, passkeys.userId))
		.where(and(eq(passkeys.id, response.id), isNull(users.closedAt)));
	const expectedChallenge = await takeChallenge(db, response.response.clientDataJSON, null, now);
	if (!row || expectedChallenge === null) return null;
	const answer = await verified(() =>
		verifyAuthenticationResponse({
			response,
			expectedChallenge,
			expectedOrigin: party.origin,
			expectedRPID: party.id,
			requireUserVerification: true,
			credential: {
				id: row.key.id,
				publicKey: Buffer.from(row.key.publicKey, 'base64url'),
				counter: row.key.signed
			}
		})
	);
	if (!answer) return null;
	await db
		.update(passkeys)
		.set({ signed: answer.authenticationInfo.newCounter, usedAt: now })
		.where(eq(passkeys.id, row.key.id));
	return row.user;
}

/**
 * Signs in with a passkey or, within a session of the same user, supplies what it still needs: the second factor, or the password again.
 * @returns the new session, or null where the present one continues
 * @throws DomainError `invalid` for an answer from an unknown passkey
 */
export async function verifyPasskeySignIn(
	db: Db,
	{
		party,
		response,
		session,
		browser,
		origin
	}: {
		readonly party: RelyingParty;
		readonly response: AuthenticationResponseJSON;
		readonly session: Session | null;
		readonly browser: Browser;
		readonly origin: string;
	},
	now: Date
): Promise<SignedIn | null> {
	const tried: AttemptKey = `origin:${origin}`;
	const attempt = await countAttempt(db, [tried], now);
	const user = await ownerOf(db, party, response, now);
	if (!user) {
		await writeAuditLine(db, { kind: 'system' }, { at: now, act: 'sign-in-failed' });
		throw new DomainError('invalid', 'passkeyRefused');
	}
	return inTransaction(db, async (tx) => {
		if (session?.user.id !== user.id) {
			const started = await startSession(tx, user, browser, { how: 'passkey', isStrong: true }, now);
			await attempt.takenBack(tx);
			return started;
		}
		await tx
			.update(sessions)
			.set({ isPending: false, isStrong: true, confirmedAt: now })
			.where(eq(sessions.tokenHash, session.hash));
		await attempt.takenBack(tx);
		if (session.isPending)
			await writeAuditLine(tx, session.user, { at: now, act: 'signed-in', detail: { by: 'passkey' } });
		return null;
	});
}
