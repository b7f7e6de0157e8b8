import { and, eq, isNull, or, sql } from 'drizzle-orm';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { startSession, notifyOwner, type Browser, type SignedIn } from './start-session';
import { ProviderError, type ProviderFlow, type ProviderClaims } from './provider';
import type { Session } from './sessions';

const { sessions, users } = schema;

/** The account of the person who came back: by the issuer's id for them or, the first time, by an email address that it verified. */
async function ownerOf(tx: Db, { issuer, subject, email }: ProviderClaims, now: Date) {
	// Someone known by a former issuer is not known by this one yet.
	const isNotKnownHere = or(
		isNull(users.providerSubject),
		sql`not starts_with(${users.providerSubject}, ${`${issuer} `})`
	);
	const [user] = await tx
		.select()
		.from(users)
		.where(
			and(
				isNull(users.closedAt),
				or(
					eq(users.providerSubject, subject),
					email === null ? undefined : and(eq(sql`lower(${users.email})`, email), isNotKnownHere)
				)
			)
		)
		// An address may belong to someone else by now; the issuer's own id does not change hands.
		.orderBy(sql`${users.providerSubject} is distinct from ${subject}`)
		.limit(1)
		.for('update');
	if (!user) return null;
	if (user.providerSubject !== subject) {
		await tx.update(users).set({ providerSubject: subject }).where(eq(users.id, user.id));
		await notifyOwner(tx, user, 'provider', now);
		await writeAuditLine(
			tx,
			{ kind: 'user', id: user.id, name: user.name, role: user.role },
			{ at: now, act: 'provider-linked' }
		);
	}
	return user;
}

/**
 * Signs in the person who came back from the organisation's sign-in. Accounts are made by invitation: nobody gets one by signing in.
 * @returns the new session, or null where the present one continues because its user proved again who they are
 * @throws ProviderError `unknown` for someone without an account here, `refused` for someone other than the session's user
 */
export async function signInByProvider(
	db: Db,
	{
		claims,
		flow,
		browser,
		session
	}: {
		readonly claims: ProviderClaims;
		readonly flow: ProviderFlow;
		readonly browser: Browser;
		readonly session: Session | null;
	},
	now: Date
): Promise<SignedIn | null> {
	return inTransaction(db, async (tx) => {
		const user = await ownerOf(tx, claims, now);
		if (!user) throw new ProviderError('unknown');
		if (!flow.isAnew)
			return startSession(tx, user, browser, { how: 'provider', isStrong: claims.isStrong }, now);
		if (session?.user.id !== user.id) throw new ProviderError('refused');
		await tx.update(sessions).set({ confirmedAt: now }).where(eq(sessions.tokenHash, session.hash));
		return null;
	});
}

/** Logs that someone who came back with an answer was not let in. Turning back half-way is no failure. */
export async function recordRefusedSignIn(db: Db, { reason }: ProviderError, now: Date): Promise<void> {
	if (reason === 'unknown' || reason === 'refused')
		await writeAuditLine(
			db,
			{ kind: 'system' },
			{ at: now, act: 'sign-in-failed', detail: { by: 'provider' } }
		);
}
