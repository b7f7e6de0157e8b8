import { and, asc, eq, gt, isNull, lt } from 'drizzle-orm';
import { TOKEN_LIMITS, type ApiScope } from '../../../core/platform/api/api-scopes';
import { isPermitted } from '../../../core/platform/access/permissions';
import { requirePermission } from '../access/require-permission';
import { notifyOwnerOf } from '../access/start-session';
import { hashToken, newToken } from '../access/tokens';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { apiTokens, users } = schema;

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** What every token begins with: a program that looks for secrets in files knows it by that. */
const PREFIX = 'easy_corner_';

/** The tokens of an account, oldest first; none with its secret. */
export async function listTokens(db: Db, actor: Actor, now: Date) {
	const { id } = requirePermission(actor, 'account:own');
	return db
		.select({
			id: apiTokens.id,
			name: apiTokens.name,
			scopes: apiTokens.scopes,
			createdAt: apiTokens.createdAt,
			expiresAt: apiTokens.expiresAt,
			usedAt: apiTokens.usedAt
		})
		.from(apiTokens)
		.where(and(eq(apiTokens.userId, id), gt(apiTokens.expiresAt, now)))
		.orderBy(asc(apiTokens.createdAt), asc(apiTokens.id));
}

/**
 * Makes a token for an account.
 * @returns the token itself, this once
 * @throws DomainError where it has no name or scope, the account may not do what it asks for, or has too many
 */
export async function makeToken(
	db: Db,
	actor: Actor,
	input: { readonly name: string; readonly scopes: readonly ApiScope[]; readonly days: number },
	now: Date
): Promise<string> {
	const user = requirePermission(actor, 'account:own');
	const name = input.name.trim();
	if (name === '') throw new DomainError('invalid', 'tokenName', '/name');
	if (input.scopes.length === 0) throw new DomainError('invalid', 'tokenScopes', '/scopes');
	for (const scope of input.scopes) requirePermission(user, scope);
	const token = `${PREFIX}${newToken()}`;
	await inTransaction(db, async (tx) => {
		await tx.select({ id: users.id }).from(users).where(eq(users.id, user.id)).for('update');
		await tx.delete(apiTokens).where(lt(apiTokens.expiresAt, now));
		if ((await tx.$count(apiTokens, eq(apiTokens.userId, user.id))) >= TOKEN_LIMITS.most)
			throw new DomainError('conflict', { code: 'tokensFull', facts: { most: TOKEN_LIMITS.most } });
		await tx.insert(apiTokens).values({
			userId: user.id,
			name,
			tokenHash: hashToken(token),
			scopes: [...input.scopes],
			createdAt: now,
			expiresAt: new Date(now.getTime() + input.days * DAY_MS)
		});
		await writeAuditLine(tx, user, { at: now, act: 'api-token-made' });
		// Someone else at an open browser could have made it.
		await notifyOwnerOf(tx, user.id, 'api-token', now);
	});
	return token;
}

/** Ends a token of one's own; done twice it is done once. */
export async function endToken(db: Db, actor: Actor, id: string, now: Date): Promise<void> {
	const user = requirePermission(actor, 'account:own');
	await inTransaction(db, async (tx) => {
		const ended = await tx
			.delete(apiTokens)
			.where(and(eq(apiTokens.id, id), eq(apiTokens.userId, user.id)))
			.returning({ id: apiTokens.id });
		if (ended.length > 0) await writeAuditLine(tx, user, { at: now, act: 'api-token-ended' });
	});
}

/** Who a program acts for, and what it may do. */
export interface ApiCaller {
	readonly tokenId: string;
	readonly actor: Actor & { readonly kind: 'user' };
	readonly scopes: readonly ApiScope[];
}

/** The caller of a token; null where there is no such token, it has ended, or its account is closed. Cost: one look-up by key. */
export async function readToken(db: Db, token: string, now: Date): Promise<ApiCaller | null> {
	const [row] = await db
		.select({ token: apiTokens, id: users.id, name: users.name, role: users.role })
		.from(apiTokens)
		.innerJoin(users, eq(users.id, apiTokens.userId))
		.where(
			and(eq(apiTokens.tokenHash, hashToken(token)), gt(apiTokens.expiresAt, now), isNull(users.closedAt))
		);
	if (!row) return null;
	const { id, usedAt, scopes } = row.token;
	if (!usedAt || now.getTime() - usedAt.getTime() > MINUTE_MS)
		await db.update(apiTokens).set({ usedAt: now }).where(eq(apiTokens.id, id));
	return {
		tokenId: id,
		actor: { kind: 'user', id: row.id, name: row.name, role: row.role },
		// What the account may no longer do, its tokens may not either.
		scopes: scopes.filter((scope) => isPermitted(row.role, scope))
	};
}
