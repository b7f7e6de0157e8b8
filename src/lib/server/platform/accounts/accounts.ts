import { and, asc, count, desc, eq, gt, inArray, isNotNull, isNull, ne, sql } from 'drizzle-orm';
import { rolesWith } from '../../../core/platform/access/permissions';
import { deskLanguageOf } from '../../../messages/desk-language';
import { emailWords } from '../../../messages/emails';
import { requirePermission } from '../access/require-permission';
import type { Actor, Role } from '../actor';
import { hashPassword, verifyPassword, requireStrongPassword } from '../access/passwords';
import { endSessions, type Session } from '../access/sessions';
import { notifyOwner } from '../access/start-session';
import { countAttempt, type AttemptKey } from '../access/throttle';
import { hashToken, newToken } from '../access/tokens';
import { requireAuditLog } from '../audit/read-audit-log';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { queueEmail } from '../email/queue-email';
import { readOrganisation } from '../organisation/read-organisation';

const { accountLinks, apiTokens, knownDevices, passkeys, sessions, users } = schema;

const HOUR_MS = 3_600_000;

/** Validity of a link for choosing a password. Our assumption. */
const LINK_MS = { invitation: 7 * 24 * HOUR_MS, reset: 2 * HOUR_MS } as const;

/** Most open links per user; more are refused silently, like a reset that nobody requested. */
const MOST_LINKS = 5;

type User = Pick<typeof users.$inferSelect, 'id' | 'name' | 'email' | 'language'>;

async function sendLink(tx: Db, user: User, kind: keyof typeof LINK_MS, now: Date): Promise<void> {
	const token = newToken();
	await tx.insert(accountLinks).values({
		tokenHash: hashToken(token),
		userId: user.id,
		kind,
		createdAt: now,
		expiresAt: new Date(now.getTime() + LINK_MS[kind])
	});
	await queueEmail(tx, {
		personId: null,
		toName: user.name,
		toEmail: user.email,
		linkPath: `/desk/password/${token}`,
		writtenAt: now,
		...emailWords(kind === 'invitation' ? 'account-invitation' : 'password-reset', user)
	});
}

/**
 * Reopens a closed account as if it were new: nothing that opened it before does so now. For people who return, and for those who lost
 * every second factor.
 * @returns null where there is no closed account
 */
async function reopen(
	tx: Db,
	{ email, ...account }: { email: string; name: string; role: Role; passwordHash: string }
): Promise<User | null> {
	const [user] = await tx
		.update(users)
		.set({
			...account,
			...{ closedAt: null, codeSecret: null, codeSince: null, codeStep: 0, recoveryHashes: [] },
			...{ providerSubject: null, warnedAt: null, codeWarnedAt: null, seesRecord: false }
		})
		.where(and(eq(sql`lower(${users.email})`, email), isNotNull(users.closedAt)))
		.returning({ id: users.id, name: users.name, email: users.email, language: users.language });
	if (!user) return null;
	for (const table of [passkeys, knownDevices, accountLinks])
		await tx.delete(table).where(eq(table.userId, user.id));
	return user;
}

/** Makes an account, or reopens a closed one, and sends the email by which its owner chooses a password. */
export async function inviteUser(
	db: Db,
	actor: Actor,
	input: { email: string; name: string; role: Role },
	now: Date
): Promise<void> {
	requirePermission(actor, 'accounts:manage');
	const email = input.email.trim().toLowerCase();
	const name = input.name.trim();
	if (name === '') throw new DomainError('invalid', 'giveName', '/name');
	// Nobody knows this password: the account is opened through the email.
	const passwordHash = await hashPassword(newToken());
	const language = deskLanguageOf((await readOrganisation(db)).language);
	await inTransaction(db, async (tx) => {
		const [user] = await tx
			.insert(users)
			.values({ email, name, role: input.role, passwordHash, language, createdAt: now })
			.onConflictDoNothing()
			.returning({ id: users.id, name: users.name, email: users.email, language: users.language });
		const invited = user ?? (await reopen(tx, { email, name, role: input.role, passwordHash }));
		if (!invited) throw new DomainError('conflict', 'accountExists', '/email');
		await sendLink(tx, invited, 'invitation', now);
		const detail = { user: invited.id, role: input.role };
		await writeAuditLine(tx, actor, { at: now, act: 'user-invited', detail });
	});
}

/** Least time to answer a request for a link, ms: making an email takes far less. Our assumption. */
const ANSWER_MS = 400;

/** Emails a link for choosing a new password, if there is an account; the answer, and the time it takes, are the same either way. */
export async function requestPasswordReset(db: Db, email: string, now: Date): Promise<void> {
	const later = new Promise((resolve) => setTimeout(resolve, ANSWER_MS));
	await inTransaction(db, async (tx) => {
		const [user] = await tx
			.select({ id: users.id, name: users.name, email: users.email, language: users.language })
			.from(users)
			.where(and(eq(sql`lower(${users.email})`, email.trim().toLowerCase()), isNull(users.closedAt)))
			.for('update');
		if (!user) return;
		const [open] = await tx
			.select({ n: count() })
			.from(accountLinks)
			.where(and(eq(accountLinks.userId, user.id), gt(accountLinks.expiresAt, now)));
		if ((open?.n ?? 0) >= MOST_LINKS) return;
		await sendLink(tx, user, 'reset', now);
		await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'reset-asked', detail: { user: user.id } });
	});
	await later;
}

async function linkOwner(db: Db, token: string, now: Date) {
	const [row] = await db
		.select({
			id: users.id,
			name: users.name,
			email: users.email,
			role: users.role,
			language: users.language
		})
		.from(accountLinks)
		.innerJoin(users, eq(users.id, accountLinks.userId))
		.where(
			and(
				eq(accountLinks.tokenHash, hashToken(token)),
				gt(accountLinks.expiresAt, now),
				isNull(users.closedAt)
			)
		);
	if (!row) throw new DomainError('ended', 'passwordLinkEnded');
	return row;
}

export async function accountOfLink(
	db: Db,
	token: string,
	now: Date
): Promise<{ name: string; email: string }> {
	const { name, email } = await linkOwner(db, token, now);
	return { name, email };
}

/**
 * Stores a new password: links for choosing one end, and so do API tokens and every session but one that is kept, since whoever knew the old
 * password may have made them. The owner is emailed.
 */
async function storePassword(
	tx: Db,
	owner: User,
	of: { readonly passwordHash: string; readonly by: Actor; readonly keptSession?: string },
	now: Date
): Promise<void> {
	await tx.update(users).set({ passwordHash: of.passwordHash }).where(eq(users.id, owner.id));
	await tx.delete(accountLinks).where(eq(accountLinks.userId, owner.id));
	await tx.delete(apiTokens).where(eq(apiTokens.userId, owner.id));
	await endSessions(tx, owner.id, of.keptSession);
	await notifyOwner(tx, owner, 'password', now);
	const detail = of.by.kind === 'system' ? { account: owner.id } : undefined;
	await writeAuditLine(tx, of.by, { at: now, act: 'password-chosen', detail });
}

/**
 * Gives an account a new password, from the command line of whoever runs the server.
 * @throws DomainError `not-found` where there is no such open account
 */
export async function givePassword(
	db: Db,
	input: { readonly email: string; readonly password: string },
	now: Date
): Promise<void> {
	const isThis = eq(sql`lower(${users.email})`, input.email.trim().toLowerCase());
	const [owner] = await db
		.select()
		.from(users)
		.where(and(isThis, isNull(users.closedAt)));
	if (!owner) throw new DomainError('not-found', 'noAccount');
	requireStrongPassword(input.password, owner);
	const passwordHash = await hashPassword(input.password);
	await inTransaction(db, (tx) => storePassword(tx, owner, { passwordHash, by: { kind: 'system' } }, now));
}

/** Sets a password by a link. The link is used up and every session of the account ends, since someone may have had the old password. */
export async function setPasswordByLink(
	db: Db,
	input: { token: string; password: string },
	now: Date
): Promise<void> {
	requireStrongPassword(input.password, await linkOwner(db, input.token, now));
	const passwordHash = await hashPassword(input.password);
	await inTransaction(db, async (tx) => {
		const owner = await linkOwner(tx, input.token, now);
		const by: Actor = { kind: 'user', id: owner.id, name: owner.name, role: owner.role };
		await storePassword(tx, owner, { passwordHash, by }, now);
	});
}

/** The accounts, active ones first. */
export async function listUsers(db: Db, actor: Actor) {
	requirePermission(actor, 'accounts:manage');
	return db
		.select({
			id: users.id,
			name: users.name,
			email: users.email,
			role: users.role,
			closedAt: users.closedAt,
			seesRecord: users.seesRecord
		})
		.from(users)
		.orderBy(sql`${users.closedAt} is not null`, asc(users.name))
		.limit(500);
}

/** Closes an account: its sessions end and it can't sign in. The last coordinator stays. */
export async function closeAccount(db: Db, actor: Actor, userId: string, now: Date): Promise<void> {
	requirePermission(actor, 'accounts:manage');
	await inTransaction(db, async (tx) => {
		const others = await tx
			.select({ sees: users.seesRecord })
			.from(users)
			.where(
				and(inArray(users.role, rolesWith('accounts:manage')), isNull(users.closedAt), ne(users.id, userId))
			)
			.for('update');
		if (others.length === 0) throw new DomainError('conflict', 'lastCoordinator');
		if (others.every(({ sees }) => !sees)) throw new DomainError('conflict', 'lastWithRecord');
		await tx.update(users).set({ closedAt: now, calendarHash: null }).where(eq(users.id, userId));
		// Whoever opens it again begins without them.
		await tx.delete(apiTokens).where(eq(apiTokens.userId, userId));
		await endSessions(tx, userId);
		await writeAuditLine(tx, actor, { at: now, act: 'user-closed', detail: { user: userId } });
	});
}

/** Gives a coordinator the right to read the audit log, or takes it away; only holders can, and there is always one. */
export async function setAuditLogAccess(
	db: Db,
	actor: Actor,
	input: { readonly userId: string; readonly sees: boolean },
	now: Date
): Promise<void> {
	await requireAuditLog(db, actor);
	await inTransaction(db, async (tx) => {
		const readers = await tx
			.select({ id: users.id })
			.from(users)
			.where(and(inArray(users.role, rolesWith('audit-log:read')), isNull(users.closedAt), users.seesRecord))
			.orderBy(users.id)
			.for('update');
		if (!input.sees && readers.every(({ id }) => id === input.userId))
			throw new DomainError('conflict', 'lastWithRecord');
		const set = await tx
			.update(users)
			.set({ seesRecord: input.sees })
			.where(
				and(
					eq(users.id, input.userId),
					inArray(users.role, rolesWith('audit-log:read')),
					isNull(users.closedAt)
				)
			)
			.returning({ name: users.name, email: users.email, language: users.language });
		const [owner] = set;
		if (!owner) throw new DomainError('not-found', 'noSuchUser');
		await notifyOwner(tx, owner, input.sees ? 'log-given' : 'log-taken', now);
		await writeAuditLine(tx, actor, {
			at: now,
			act: input.sees ? 'record-right-given' : 'record-right-taken',
			detail: { user: input.userId }
		});
	});
}

/** A user's signed-in browsers, newest first. */
export async function listSessions(db: Db, { user, hash }: Session) {
	const rows = await db
		.select({ tokenHash: sessions.tokenHash, createdAt: sessions.createdAt, device: sessions.device })
		.from(sessions)
		.where(eq(sessions.userId, user.id))
		.orderBy(desc(sessions.createdAt));
	return rows.map(({ tokenHash, createdAt, device }) => ({ createdAt, device, isHere: tokenHash === hash }));
}

/** Changes a password, given the present one. Every other session ends, and the owner is emailed. */
export async function changePassword(
	db: Db,
	{ user, hash }: Session,
	input: { readonly current: string; readonly password: string },
	now: Date
): Promise<void> {
	const tried: AttemptKey = `device:${hash}`;
	const attempt = await countAttempt(db, [tried], now);
	const [row] = await db.select().from(users).where(eq(users.id, user.id));
	if (!row || !(await verifyPassword(row.passwordHash, input.current)))
		throw new DomainError('invalid', 'wrongPasswordOfYours', '/current');
	requireStrongPassword(input.password, row);
	const passwordHash = await hashPassword(input.password);
	await inTransaction(db, async (tx) => {
		await storePassword(tx, row, { passwordHash, by: user, keptSession: hash }, now);
		await attempt.succeeded(tx);
	});
}
