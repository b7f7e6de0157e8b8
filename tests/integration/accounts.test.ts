import { eq } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addUser } from '$lib/server/platform/access/add-user';
import { gateFor } from '$lib/server/platform/access/gate';
import { requireStrongPassword } from '$lib/server/platform/access/passwords';
import { decryptSecret } from '$lib/server/platform/access/secret-keys';
import {
	enableTotp,
	disableTotp,
	newTotpSecret,
	verifySecondFactor,
	countRecoveryCodes
} from '$lib/server/platform/access/second-factor';
import { readSession, signOut, type Session } from '$lib/server/platform/access/sessions';
import { confirmPassword, signIn } from '$lib/server/platform/access/sign-in';
import { lockoutAfter } from '$lib/server/platform/access/throttle';
import { changePassword, closeAccount, inviteUser } from '$lib/server/platform/accounts/accounts';
import { schema } from '$lib/server/platform/db/client';
import { DomainError } from '$lib/server/platform/domain-error';
import { ChangeFeed } from '$lib/server/platform/live/changes';
import { Desk, faultOf } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;
const PASSWORD = 'long enough pass';

/** Codes that are tried at once. */
const GUESSES = 1000;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

interface Try {
	readonly email?: string;
	readonly password?: string;
	readonly deviceToken?: string;
	readonly origin?: string;
}
const enter = (minutes: number, { email = 'two@example.org', password = PASSWORD, ...more }: Try = {}) =>
	signIn(db(), { email, password, origin: '192.0.2.1', ...more }, desk.later(minutes));

async function sessionFrom(token: string, minutes: number): Promise<Session> {
	const session = await readSession(db(), token, desk.later(minutes));
	if (!session) throw new Error('no session');
	return session;
}

const lettersTo = async (email: string) =>
	(await db().select().from(schema.emails).where(eq(schema.emails.toEmail, email))).map(
		({ subject }) => subject
	);

describe('who has lost every second factor', () => {
	it('is let in again by closing the account and inviting: nothing that opened it before does so', async () => {
		const email = 'comes.back@example.org';
		const id = await addUser(db(), { email, name: 'Comes', role: 'clinician', password: PASSWORD });
		const invite = () =>
			inviteUser(
				db(),
				desk.coordinator,
				{ email: 'Comes.Back@example.org', name: 'Comes again', role: 'reader' },
				now
			);
		await db()
			.update(schema.users)
			.set({ codeSince: now, codeSecret: 'GEZDGNBV', providerSubject: 'x y' })
			.where(eq(schema.users.id, id));
		expect(await faultOf(invite())).toBe('conflict');
		await closeAccount(db(), desk.coordinator, id, now);
		await invite();
		const [row] = await db().select().from(schema.users).where(eq(schema.users.id, id));
		expect(row).toMatchObject({
			...{ name: 'Comes again', role: 'reader', closedAt: null, recoveryHashes: [] },
			...{ codeSince: null, codeSecret: null, providerSubject: null }
		});
		expect(await faultOf(enter(0, { email }))).toBe('invalid');
		expect(await db().$count(schema.accountLinks, eq(schema.accountLinks.userId, id))).toBe(1);
	});
});

// OWASP ASVS 4.0.3, chapters named beside each; from memory.
describe('passwords', () => {
	const of = { email: 'maren.tidewell@lanterns.example', name: 'Maren Tidewell' };
	const refused = (password: string) => {
		try {
			requireStrongPassword(password, of);
			return null;
		} catch (thrown) {
			return thrown instanceof DomainError
				? typeof thrown.why === 'string'
					? thrown.why
					: thrown.why.code
				: thrown;
		}
	};

	it('are long enough, and none that everybody tries first (2.1.1, 2.1.7)', () => {
		expect(refused('short')).toBe('passwordTooShort');
		for (const common of [
			'123456789012',
			'passwordpassword',
			'Password12345!',
			'qwertyuiop123',
			'aaaaaaaaaaaaaa',
			'abcabcabcabcabc'
		])
			expect(refused(common), common).toBe('passwordCommon');
		for (const own of ['marentidewell', 'Tidewell2026!', 'easycorner2026', 'lanterns1234'])
			expect(refused(own), own).not.toBeNull();
	});

	it('may be of any kind else: no rule on signs and digits (2.1.9)', () => {
		for (const good of [
			'tarn valley demo',
			'long enough pass',
			'seven quiet otters',
			'ünïcode wörter hier',
			'7f!kQ2zW9pLx'
		])
			expect(refused(good), good).toBeNull();
	});

	it('are changed by the one there is; others are signed out, and an email says so (2.1.5, 2.1.6)', async () => {
		const here = await enter(0, { email: 'clinic@example.org' });
		const there = await enter(1, { email: 'clinic@example.org' });
		const session = await sessionFrom(here.token, 2);
		const change = (current: string, password: string) =>
			faultOf(changePassword(db(), session, { current, password }, desk.later(3)));
		expect(await change('not this one', 'seven quiet otters')).toBe('invalid');
		expect(await change(PASSWORD, 'password1234')).toBe('invalid');
		expect(await change(PASSWORD, 'seven quiet otters')).toBe('none');
		expect(await readSession(db(), there.token, desk.later(4))).toBeNull();
		expect(await readSession(db(), here.token, desk.later(4))).not.toBeNull();
		expect(await lettersTo('clinic@example.org')).toContain('Your password was changed');
	});
});

describe('sessions', () => {
	it('end unused, and after a working day whatever happens (3.3.2)', async () => {
		const { token } = await enter(10);
		expect(await readSession(db(), token, desk.later(10 + 89))).not.toBeNull();
		// It was used just now: the hour and a half begins again.
		expect(await readSession(db(), token, desk.later(10 + 170))).not.toBeNull();
		expect(await readSession(db(), token, desk.later(10 + 170 + 91))).toBeNull();
		const { token: busy } = await enter(300);
		for (let m = 300; m < 300 + 12 * 60; m += 60)
			expect(await readSession(db(), busy, desk.later(m + 1))).not.toBeNull();
		expect(await readSession(db(), busy, desk.later(300 + 12 * 60))).toBeNull();
	});

	it('ask for the password again before what concerns many (4.3.1)', async () => {
		const { token } = await enter(1200);
		const gate = async (route: string, minutes: number) =>
			gateFor(route, '/desk/users', await readSession(db(), token, desk.later(minutes)), []);
		expect(await gate('/desk/(signed-in)/users', 1229)).toBeNull();
		expect(await gate('/desk/(signed-in)/users', 1231)).toBe('/desk/confirm?to=%2Fdesk%2Fusers');
		expect(await gate('/desk/(signed-in)/people', 1231)).toBeNull();
		const session = await sessionFrom(token, 1231);
		expect(await faultOf(confirmPassword(db(), session, 'another', desk.later(1231)))).toBe('invalid');
		await confirmPassword(db(), session, PASSWORD, desk.later(1232));
		expect(await gate('/desk/(signed-in)/users', 1233)).toBeNull();
	});

	it('take the streams with them that hang on them (3.3.1)', async () => {
		const { token } = await enter(1300);
		const { hash } = await sessionFrom(token, 1300);
		const changes = new ChangeFeed(desk.test.url);
		const ended = new Promise<void>((resolve) => {
			let isHeard = false;
			changes.follow(`session:${hash}`, {
				look: (isChange) => {
					if (isChange) resolve();
					else if (!isHeard) {
						isHeard = true;
						void signOut(db(), token);
					}
				},
				end: () => {}
			});
		});
		await ended;
		changes.close();
		expect(await readSession(db(), token, desk.later(1300))).toBeNull();
	});
});

describe('guessing', () => {
	it('costs twice as long each time, a quarter of an hour at most (2.2.1)', () => {
		expect([3, 4, 5, 6, 7].map((n) => lockoutAfter(n, 'account') / 1000)).toEqual([0, 0, 1, 2, 4]);
		expect([4, 5, 6].map((n) => lockoutAfter(n, 'code') / 1000)).toEqual([0, 30, 60]);
		expect(lockoutAfter(60, 'account')).toBe(15 * 60_000);
	});

	it('keeps nobody out who has signed in from this browser before; its owner is told once', async () => {
		const email = 'two@example.org';
		const { deviceToken } = await enter(1400, { email });
		let minutes = 1401;
		for (let i = 0; i < 14; i += 1) {
			minutes += lockoutAfter(i, 'account') / 60_000;
			const guess = { email, password: 'wrong', origin: '192.0.2.66' };
			expect(await faultOf(enter(minutes, guess))).toBe('invalid');
		}
		expect(await faultOf(enter(minutes, { email, origin: '192.0.2.66' }))).toBe('too-many');
		expect(await faultOf(enter(minutes, { email, deviceToken }))).toBe('none');
		const told = (await lettersTo(email)).filter((subject) => subject.startsWith('Someone is trying'));
		expect(told).toHaveLength(1);
	});

	it('a new browser is told by email, the first one and a known one are not (2.2.3)', async () => {
		const email = 'reader@example.org';
		const isNew = async () => (await lettersTo(email)).filter((s) => s.includes('new browser')).length;
		const { deviceToken } = await enter(1, { email });
		expect(await isNew()).toBe(0);
		await enter(2, { email, deviceToken });
		expect(await isNew()).toBe(0);
		await enter(3, { email });
		expect(await isNew()).toBe(1);
	});
});

describe('the second factor', () => {
	const codeAt = (secret: string, minutes: number) =>
		new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: desk.later(minutes).getTime() });
	const email = 'one@example.org';

	it('is in force once a code of it was typed, is asked at every sign-in, and takes each code once (2.8.4)', async () => {
		const { secret, uri } = await newTotpSecret(db(), desk.coordinator);
		expect(uri).toContain('otpauth://totp/');
		// Read again, it is the one that the phone has.
		expect((await newTotpSecret(db(), desk.coordinator)).secret).toBe(secret);
		expect((await enter(2000, { email })).needsCode).toBe(false);
		expect(await faultOf(enableTotp(db(), desk.coordinator, '000000', desk.later(2001)))).toBe('invalid');
		const [kept] = await db().select().from(schema.users).where(eq(schema.users.id, desk.coordinator.id));
		expect(kept?.codeSecret).not.toContain(secret);
		const codes = await enableTotp(db(), desk.coordinator, codeAt(secret, 2002), desk.later(2002));
		expect(new Set(codes).size).toBe(10);
		expect(await lettersTo(email)).toContain('Your account now has a second factor');

		const begun = await enter(2003, { email });
		expect(begun.needsCode).toBe(true);
		const session = await sessionFrom(begun.token, 2003);
		expect(session.isPending).toBe(true);
		// Until the code has come it opens nothing but the page that asks for it.
		expect(gateFor('/desk/(signed-in)', '/desk', session, [])).toBe('/desk/sign-in/code');
		expect(gateFor('/desk/sign-in/code', '/desk/sign-in/code', session, [])).toBeNull();
		const pass = (code: string, minutes: number) =>
			faultOf(verifySecondFactor(db(), session, code, desk.later(minutes)));
		expect(await pass('123 456', 2003)).toBe('invalid');
		expect(await pass(codeAt(secret, 2002), 2003)).toBe('invalid');
		expect(await pass(codeAt(secret, 2003), 2003)).toBe('none');
		expect((await sessionFrom(begun.token, 2004)).isPending).toBe(false);
		expect(await pass(codeAt(secret, 2003), 2003)).toBe('invalid');
		// Who has lost the phone: each code once.
		expect(await pass(codes[3] ?? '', 2005)).toBe('none');
		expect(await pass(codes[3] ?? '', 2006)).toBe('invalid');
		expect(await countRecoveryCodes(db(), desk.coordinator)).toBe(9);
		const [user] = await db().select().from(schema.users).where(eq(schema.users.id, desk.coordinator.id));
		expect(JSON.stringify(user?.recoveryHashes)).not.toContain(codes[0]?.replace('-', ''));
	});

	it('is guessed at five times at most, however many guess at once, and its owner is told once (2.2.1)', async () => {
		const { token } = await enter(2100, { email });
		const session = await sessionFrom(token, 2100);
		const told = async () =>
			(await lettersTo(email)).filter((one) => one.includes('guessing your sign-in codes')).length;
		const guesses = await Promise.all(
			Array.from({ length: GUESSES }, (_, i) =>
				faultOf(verifySecondFactor(db(), session, String(i).padStart(6, '0'), desk.later(2101)))
			)
		);
		expect(guesses.filter((one) => one === 'invalid').length).toBeLessThanOrEqual(5);
		expect(guesses.filter((one) => one === 'too-many').length).toBeGreaterThanOrEqual(GUESSES - 5);
		expect(await told()).toBe(1);
		// The owner, who has the right code, gets in once the wait is over; nobody else's guesses are counted against them then.
		await enter(2140, { email });
		const [user] = await db().select().from(schema.users).where(eq(schema.users.id, desk.coordinator.id));
		expect(
			await faultOf(
				verifySecondFactor(
					db(),
					session,
					codeAt(decryptSecret(user?.codeSecret ?? '') ?? '', 2141),
					desk.later(2141)
				)
			)
		).toBe('none');
		expect(await told()).toBe(1);
	});

	it('nor is a password, by many tries at once', async () => {
		const guess = (i: number) =>
			faultOf(signIn(db(), { email, password: `wrong pass ${i}`, origin: `192.0.2.${i}` }, desk.later(2200)));
		const guesses = await Promise.all(Array.from({ length: 200 }, (_, i) => guess(i)));
		expect(guesses.filter((one) => one === 'invalid').length).toBeLessThanOrEqual(5);
	});

	it('is asked of roles that have to have one, and taken away again', async () => {
		const { token } = await enter(2300);
		const session = await sessionFrom(token, 2300);
		expect(gateFor('/desk/(signed-in)', '/desk', session, ['coordinator'])).toBe(
			'/desk/account/second-factor'
		);
		expect(gateFor('/desk/(signed-in)', '/desk', session, ['clinician'])).toBeNull();
		expect(gateFor('/desk/sign-out', '/desk/sign-out', session, ['coordinator'])).toBeNull();
		await disableTotp(db(), desk.coordinator, desk.later(2301));
		await disableTotp(db(), desk.coordinator, desk.later(2301));
		const ended = 'The second factor of your account was removed';
		expect((await lettersTo(email)).filter((subject) => subject === ended)).toHaveLength(1);
		expect((await enter(2302, { email })).needsCode).toBe(false);
	});
});
