import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { API_SCOPES, TOKEN_LIMITS } from '$lib/core/platform/api/api-scopes';
import { closeAccount, givePassword } from '$lib/server/platform/accounts/accounts';
import { endToken, listTokens, makeToken, readToken } from '$lib/server/platform/api/tokens';
import { schema } from '$lib/server/platform/db/client';
import { Desk, faultOf } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
const { apiTokens, auditLines, users } = schema;

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const make = (over: Partial<Parameters<typeof makeToken>[2]> = {}, by = desk.coordinator) =>
	makeToken(db(), by, { name: 'Program', scopes: ['people:read'], days: 30, ...over }, now);

describe('a token', () => {
	it('is made known to its owner by email, without the token', async () => {
		const token = await make({ name: 'By email' });
		const emailRows = await db().select().from(schema.emails).where(eq(schema.emails.kind, 'api-token'));
		const [owner] = await db().select().from(users).where(eq(users.id, desk.coordinator.id));
		expect(emailRows).toHaveLength(1);
		expect(emailRows[0]).toMatchObject({ toEmail: owner?.email, linkPath: '/desk/account' });
		expect(JSON.stringify(emailRows)).not.toContain(token);
		await db().delete(apiTokens);
	});

	it('is kept as a hash, acts for its account, and has the time of its last use', async () => {
		const token = await make();
		const [row] = await db().select().from(apiTokens);
		expect(JSON.stringify(row)).not.toContain(token);
		expect(await readToken(db(), token, desk.later(1))).toMatchObject({
			actor: { kind: 'user', id: desk.coordinator.id },
			scopes: ['people:read']
		});
		const [shown] = await listTokens(db(), desk.coordinator, desk.later(2));
		expect(shown?.usedAt).toEqual(desk.later(1));
		expect(Object.keys(shown ?? {})).not.toContain('tokenHash');
		expect(await readToken(db(), `${token}x`, now)).toBeNull();
	});

	it('ends by its day, by its owner alone, and with its account', async () => {
		const token = await make({ name: 'Ends' });
		expect(await readToken(db(), token, desk.later(30 * 24 * 60 - 1))).not.toBeNull();
		expect(await readToken(db(), token, desk.later(30 * 24 * 60 + 1))).toBeNull();
		const id = (await listTokens(db(), desk.coordinator, now)).find(({ name }) => name === 'Ends')?.id ?? '';
		await endToken(db(), desk.second, id, now);
		expect(await readToken(db(), token, now)).not.toBeNull();
		await endToken(db(), desk.coordinator, id, now);
		await endToken(db(), desk.coordinator, id, now);
		expect(await readToken(db(), token, now)).toBeNull();
		expect(await db().$count(auditLines, eq(auditLines.act, 'api-token-ended'))).toBe(1);
		// A new password ends all of them: whoever knew the old one may have made them.
		const { email } = (await db().select().from(users).where(eq(users.id, desk.second.id)))[0] ?? {
			email: ''
		};
		const before = await make({}, desk.second);
		await givePassword(db(), { email, password: 'a quite different one' }, now);
		expect(await readToken(db(), before, now)).toBeNull();
		const other = await make({}, desk.second);
		await closeAccount(db(), desk.coordinator, desk.second.id, now);
		expect(await readToken(db(), other, now)).toBeNull();
		// Opened again, it has none of them.
		await db().update(users).set({ closedAt: null }).where(eq(users.id, desk.second.id));
		expect(await readToken(db(), other, now)).toBeNull();
	});

	it('may never do more than its account: neither when it is made nor when the account may less', async () => {
		for (const scope of API_SCOPES)
			expect(await faultOf(make({ scopes: [scope] }, desk.clinician)), scope).toBe('not-allowed');
		const token = await make({ scopes: [...API_SCOPES] });
		expect((await readToken(db(), token, now))?.scopes).toEqual([...API_SCOPES]);
		await db().update(users).set({ role: 'clinician' }).where(eq(users.id, desk.coordinator.id));
		expect((await readToken(db(), token, now))?.scopes).toEqual([]);
		await db().update(users).set({ role: 'coordinator' }).where(eq(users.id, desk.coordinator.id));
	});

	it('needs a name and something to do, and there are only so many', async () => {
		expect(await faultOf(make({ name: ' ' }))).toBe('invalid');
		expect(await faultOf(make({ scopes: [] }))).toBe('invalid');
		await db().delete(apiTokens);
		for (let i = 0; i < TOKEN_LIMITS.most; i += 1) await make();
		expect(await faultOf(make())).toBe('conflict');
		// Those that have ended make room.
		await db()
			.update(apiTokens)
			.set({ expiresAt: new Date(now.getTime() - 1) });
		expect(await faultOf(make())).toBe('none');
	});
});
