import { and, eq, gt, isNull, lt, ne, sql } from 'drizzle-orm';
import type { DeskLanguage } from '../../../messages/desk-language';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { publishChange } from '../live/changes';
import { organisationZone } from '../organisation/organisation-zone';
import { hasSecondFactor } from './has-second-factor';
import { hashToken, newToken } from './tokens';

const { sessions, users } = schema;

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** A session ends after this time, used or not: a working day. ASVS 3.3.2 (from memory) allows twelve hours at most. */
const LONGEST_MS = 12 * HOUR_MS;

/** An unused session ends after this time. Our assumption: a desk stays open all day, and lunch is no sign-out. */
const IDLE_MS = 90 * MINUTE_MS;

/** Time after entering the password during which acts that ask for it go through without. Our assumption. */
const FRESH_MS = 30 * MINUTE_MS;

/** What a request knows about its session. */
export interface Session {
	readonly user: Actor & { kind: 'user' };
	readonly language: DeskLanguage;
	readonly timeZone: string;
	/** SHA-256 of its token; identifies it when it is ended. */
	readonly hash: string;
	/** Whether the second factor is still missing. */
	readonly isPending: boolean;
	/** Whether its user entered the password recently. */
	readonly isFresh: boolean;
	/** Whether its user has a second factor, or began it with two in one. */
	readonly hasFactor: boolean;
	/** Whether its user has authenticator codes. */
	readonly hasCode: boolean;
}

/**
 * Begins a session.
 * @returns its token, and the latest time it ends
 */
export async function createSession(
	db: Db,
	userId: string,
	{ device, ...kind }: { device: string; isPending: boolean; isStrong: boolean },
	now: Date
): Promise<{ token: string; expiresAt: Date }> {
	const token = newToken();
	const expiresAt = new Date(now.getTime() + LONGEST_MS);
	await db.delete(sessions).where(lt(sessions.expiresAt, now));
	await db.insert(sessions).values({
		tokenHash: hashToken(token),
		userId,
		createdAt: now,
		seenAt: now,
		confirmedAt: now,
		expiresAt,
		...kind,
		device: device.slice(0, 120)
	});
	return { token, expiresAt };
}

/** Whether something was recent; a negative age of up to a minute is an adjusted clock. */
const isWithin = (agoMs: number, mostMs: number) => agoMs > -MINUTE_MS && agoMs < mostMs;

/** The session of a token, or null where it is unknown or has ended. Its use is recorded once a minute. */
export async function readSession(db: Db, token: string, now: Date): Promise<Session | null> {
	const hash = hashToken(token);
	const [row] = await db
		.select({
			id: users.id,
			name: users.name,
			role: users.role,
			language: users.language,
			timeZone: organisationZone,
			codeSince: users.codeSince,
			hasFactor: sql<boolean>`${hasSecondFactor} or ${sessions.isStrong}`,
			isPending: sessions.isPending,
			confirmedAt: sessions.confirmedAt,
			seenAt: sessions.seenAt
		})
		.from(sessions)
		.innerJoin(users, eq(users.id, sessions.userId))
		.where(
			and(
				eq(sessions.tokenHash, hash),
				gt(sessions.expiresAt, now),
				gt(sessions.seenAt, new Date(now.getTime() - IDLE_MS)),
				isNull(users.closedAt)
			)
		);
	if (!row) return null;
	if (now.getTime() - row.seenAt.getTime() > MINUTE_MS)
		await db.update(sessions).set({ seenAt: now }).where(eq(sessions.tokenHash, hash));
	return {
		user: { kind: 'user', id: row.id, name: row.name, role: row.role },
		language: row.language,
		timeZone: row.timeZone,
		hash,
		isPending: row.isPending,
		// Given in the future, by a clock that was fast, it does not count as recent.
		isFresh: isWithin(now.getTime() - row.confirmedAt.getTime(), FRESH_MS),
		hasFactor: row.hasFactor,
		hasCode: row.codeSince !== null
	};
}

async function end(db: Db, ended: readonly { readonly hash: string }[]): Promise<void> {
	for (const { hash } of ended) await publishChange(db, `session:${hash}`);
}

const hashOf = { hash: sessions.tokenHash };

/** Ends a session. Harmless where there is none. */
export async function signOut(db: Db, token: string): Promise<void> {
	await end(
		db,
		await db
			.delete(sessions)
			.where(eq(sessions.tokenHash, hashToken(token)))
			.returning(hashOf)
	);
}

/**
 * Ends every session of a user, or all but one.
 * @param but hash of the one that stays
 */
export async function endSessions(db: Db, userId: string, but = ''): Promise<void> {
	await end(
		db,
		await db
			.delete(sessions)
			.where(and(eq(sessions.userId, userId), ne(sessions.tokenHash, but)))
			.returning(hashOf)
	);
}
