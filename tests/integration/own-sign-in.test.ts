import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { gateFor } from '$lib/server/platform/access/gate';
import {
	startProviderSignIn,
	ProviderError,
	type ProviderClaims
} from '$lib/server/platform/access/provider';
import { readSession } from '$lib/server/platform/access/sessions';
import { signInByProvider } from '$lib/server/platform/access/sign-in-by-provider';
import { closeAccount, inviteUser, setAuditLogAccess } from '$lib/server/platform/accounts/accounts';
import { requireAuditLog } from '$lib/server/platform/audit/read-audit-log';
import { ConfigError, readConfig } from '$lib/server/platform/config';
import { schema } from '$lib/server/platform/db/client';
import { Desk, faultOf } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const FLOW = { state: 's', nonce: 'n', verifier: 'v', to: '/desk', isAnew: false };
const claims = (subject: string, email: string | null, isStrong = false): ProviderClaims => ({
	issuer: 'https://issuer.example',
	subject: `https://issuer.example ${subject}`,
	email,
	isStrong
});
const come = (
	who: ProviderClaims,
	{ isAnew = false, session = null as Awaited<ReturnType<typeof readSession>>, minutes = 0 } = {}
) =>
	signInByProvider(
		db(),
		{ claims: who, flow: { ...FLOW, isAnew }, browser: { device: 'test' }, session },
		desk.later(minutes)
	);

async function reasonOf(work: Promise<unknown>): Promise<string> {
	try {
		await work;
		return 'none';
	} catch (thrown) {
		if (thrown instanceof ProviderError) return thrown.reason;
		throw thrown;
	}
}

// OpenID Connect Core 1.0, 5.7 (subject, not address, names someone); OWASP ASVS 4.0.3, 2.1 and 3.3 (from memory).
describe('the organisation’s own sign-in', () => {
	it('knows someone by an address that the issuer has seen, the first time; then by the issuer’s own name', async () => {
		expect(await reasonOf(come(claims('a', null)))).toBe('unknown');
		expect(await reasonOf(come(claims('a', 'nobody@example.org')))).toBe('unknown');
		const first = await come(claims('a', 'two@example.org'));
		expect(first?.needsCode).toBe(false);
		const letters = await db()
			.select()
			.from(schema.emails)
			.where(eq(schema.emails.toEmail, 'two@example.org'));
		expect(letters.map(({ subject }) => subject)).toContain(
			'Your account now opens with your organisation’s sign-in'
		);
		// Another person there who now has the address is not them; they are, whatever their address is called now.
		expect(await reasonOf(come(claims('b', 'two@example.org')))).toBe('unknown');
		const again = await come(claims('a', 'renamed@example.org'));
		expect((await readSession(db(), again?.token ?? '', now))?.user.id).toBe(desk.second.id);
	});

	it('knows them again by their address where another issuer is set', async () => {
		const moved = (sub: string) => ({
			issuer: 'https://moved.example',
			subject: `https://moved.example ${sub}`,
			email: 'clinic@example.org',
			isStrong: false
		});
		await come(claims('d', 'clinic@example.org'));
		const again = await come(moved('e'));
		expect((await readSession(db(), again?.token ?? '', now))?.user.id).toBe(desk.clinician.id);
		expect(await reasonOf(come(moved('f')))).toBe('unknown');
	});

	it('stands for the second factor only where the issuer says that several were shown', async () => {
		const weak = await come(claims('a', null));
		const strong = await come(claims('a', null, true));
		const gate = async (token = '') =>
			gateFor('/desk/(signed-in)/people', '/desk/people', await readSession(db(), token, now), [
				'coordinator'
			]);
		expect(await gate(weak?.token)).toBe('/desk/account/second-factor');
		expect(await gate(strong?.token)).toBeNull();
		await db().update(schema.users).set({ codeSince: now }).where(eq(schema.users.id, desk.second.id));
		expect((await come(claims('a', null)))?.needsCode).toBe(true);
		expect((await come(claims('a', null, true)))?.needsCode).toBe(false);
		await db().update(schema.users).set({ codeSince: null }).where(eq(schema.users.id, desk.second.id));
	});

	it('freshens the session of the very same user, and of nobody else', async () => {
		const begun = await come(claims('a', null));
		const session = await readSession(db(), begun?.token ?? '', desk.later(60));
		expect(session?.isFresh).toBe(false);
		await come(claims('c', 'one@example.org'));
		expect(await reasonOf(come(claims('c', null), { isAnew: true, session, minutes: 60 }))).toBe('refused');
		expect(await come(claims('a', null), { isAnew: true, session, minutes: 60 })).toBeNull();
		expect((await readSession(db(), begun?.token ?? '', desk.later(60)))?.isFresh).toBe(true);
	});

	it('says so where it does not answer, and its settings are read with a plain word for what is wrong', async () => {
		const env = { DATABASE_URL: 'postgres://x', EASY_CORNER_OIDC_ISSUER: 'http://127.0.0.1:9' };
		const { identity } = readConfig({ ...env, EASY_CORNER_OIDC_CLIENT_ID: 'easy-corner' });
		if (!identity) throw new Error('no settings');
		expect(await reasonOf(startProviderSignIn(identity, 'http://127.0.0.1/back', FLOW))).toBe('unreachable');
		for (const wrong of [
			{ ...env },
			{ ...env, EASY_CORNER_OIDC_ISSUER: 'http://sign-in.example', EASY_CORNER_OIDC_CLIENT_ID: 'x' },
			{ ...env, EASY_CORNER_OIDC_ISSUER: 'no address', EASY_CORNER_OIDC_CLIENT_ID: 'x' }
		])
			expect(() => readConfig(wrong)).toThrow(ConfigError);
		expect(readConfig({ DATABASE_URL: 'postgres://x' }).identity).toBeNull();
	});
});

describe('the right to read the record', () => {
	it('is the first account’s alone, and given and taken by who has it; someone always has it', async () => {
		expect(await faultOf(requireAuditLog(db(), desk.coordinator))).toBe('none');
		expect(await faultOf(requireAuditLog(db(), desk.second))).toBe('not-allowed');
		const set = (actor: typeof desk.coordinator, userId: string, sees: boolean) =>
			faultOf(setAuditLogAccess(db(), actor, { userId, sees }, now));
		expect(await set(desk.reader, desk.second.id, false)).toBe('not-allowed');
		expect(await set(desk.coordinator, desk.reader.id, true)).toBe('not-found');
		expect(await set(desk.coordinator, desk.second.id, false)).toBe('none');
		expect(await set(desk.second, desk.second.id, true)).toBe('not-allowed');
		expect(await set(desk.coordinator, desk.coordinator.id, false)).toBe('conflict');
		expect(await faultOf(closeAccount(db(), desk.second, desk.coordinator.id, now))).toBe('conflict');
		expect(await set(desk.coordinator, desk.second.id, true)).toBe('none');
		expect(await set(desk.second, desk.coordinator.id, false)).toBe('none');
		expect(await faultOf(requireAuditLog(db(), desk.coordinator))).toBe('not-allowed');
		const told = (await db().select().from(schema.emails)).map(
			({ toEmail, subject }) => `${toEmail}: ${subject}`
		);
		expect(told).toContain('two@example.org: You now have access to the audit log');
		expect(told.filter((one) => one.endsWith('You no longer have access to the audit log'))).toHaveLength(2);
	});

	it('comes with no invitation, and is gone with an account that is opened again', async () => {
		const email = 'invited@example.org';
		const invite = () =>
			inviteUser(db(), desk.coordinator, { email, name: 'Invited', role: 'coordinator' }, now);
		const invited = async () => {
			const [user] = await db().select().from(schema.users).where(eq(schema.users.email, email));
			return { kind: 'user', id: user?.id ?? '', name: 'Invited', role: 'coordinator' } as const;
		};
		await invite();
		expect(await faultOf(requireAuditLog(db(), await invited()))).toBe('not-allowed');
		await setAuditLogAccess(db(), desk.second, { userId: (await invited()).id, sees: true }, now);
		expect(await faultOf(requireAuditLog(db(), await invited()))).toBe('none');
		await closeAccount(db(), desk.coordinator, (await invited()).id, now);
		await invite();
		expect(await faultOf(requireAuditLog(db(), await invited()))).toBe('not-allowed');
	});
});
