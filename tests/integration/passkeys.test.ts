import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
	addPasskey,
	startPasskeySignIn,
	startPasskeyRegistration,
	relyingPartyAt,
	listPasskeys,
	removePasskey,
	verifyPasskeySignIn
} from '$lib/server/platform/access/passkeys';
import { countRecoveryCodes } from '$lib/server/platform/access/second-factor';
import { readSession } from '$lib/server/platform/access/sessions';
import { signIn } from '$lib/server/platform/access/sign-in';
import { schema } from '$lib/server/platform/db/client';
import { trustedOrigins } from '$lib/server/platform/http/trusted-origins';
import { Desk, faultOf, type TestUser } from '../support/desk';
import { PasskeyDevice } from '../support/passkey-device';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;
const ORIGIN = 'https://desk.lanterns.example';
const party = { id: 'desk.lanterns.example', origin: ORIGIN };

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const at = (challenge: string) => ({ challenge, origin: ORIGIN, rpId: party.id });

async function added(user: TestUser, device = new PasskeyDevice(), minutes = 0) {
	const { challenge } = await startPasskeyRegistration(db(), user, party, desk.later(minutes));
	const input = { response: device.made(at(challenge)), name: 'laptop' };
	return { device, codes: await addPasskey(db(), user, party, input, desk.later(minutes)) };
}

const asked = async (minutes: number) =>
	(await startPasskeySignIn(db(), party, desk.later(minutes))).challenge;

const used = (
	response: ReturnType<PasskeyDevice['signed']>,
	minutes: number,
	session: Awaited<ReturnType<typeof readSession>> = null
) =>
	verifyPasskeySignIn(
		db(),
		{ party, response, session, browser: { device: 'test' }, origin: '192.0.2.7' },
		desk.later(minutes)
	);

// OWASP ASVS 4.0.3, 2.7, 2.8 and 3.3 (from memory); WebAuthn level 2, 7.1 and 7.2.
describe('a passkey', () => {
	it('is bound to a name, in the demo to this machine’s other one', () => {
		expect(relyingPartyAt(ORIGIN)).toEqual(party);
		expect(relyingPartyAt('http://127.0.0.1:4280')).toBeNull();
		expect(relyingPartyAt('http://[::1]:4280')).toBeNull();
		expect(relyingPartyAt('http://localhost:4280')?.id).toBe('localhost');
		expect(trustedOrigins({ origin: 'http://127.0.0.1:4280', mode: 'demo' })).toEqual([
			'http://127.0.0.1:4280',
			'http://localhost:4280'
		]);
		expect(trustedOrigins({ origin: 'http://127.0.0.1:4280', mode: 'production' })).toEqual([
			'http://127.0.0.1:4280'
		]);
	});

	it('is added once, told by email, with codes for a lost device; it signs in alone', async () => {
		const { device, codes } = await added(desk.second);
		expect(codes).toHaveLength(10);
		expect(await countRecoveryCodes(db(), desk.second)).toBe(10);
		const emailRows = await db()
			.select()
			.from(schema.emails)
			.where(eq(schema.emails.toEmail, 'two@example.org'));
		expect(emailRows.map(({ subject }) => subject)).toContain('A passkey was added to your account');
		const { challenge } = await startPasskeyRegistration(db(), desk.second, party, now);
		const again = { response: device.made(at(challenge)), name: 'copy' };
		expect(await faultOf(addPasskey(db(), desk.second, party, again, now))).toBe('conflict');

		const begun = await used(device.signed(at(await asked(1))), 1);
		expect(begun?.needsCode).toBe(false);
		const session = await readSession(db(), begun?.token ?? '', desk.later(1));
		expect(session).toMatchObject({ isPending: false, hasFactor: true, user: { id: desk.second.id } });
		// Another device of theirs gives no more codes.
		expect((await added(desk.second, new PasskeyDevice(), 2)).codes).toEqual([]);
	});

	it('stands beside the password: a session waits for it, and it freshens one that is there', async () => {
		const { device } = await added(desk.clinician, new PasskeyDevice(), 5);
		const half = await signIn(
			db(),
			{ email: 'clinic@example.org', password: 'long enough pass', origin: '192.0.2.7' },
			desk.later(6)
		);
		expect(half.needsCode).toBe(true);
		const pending = await readSession(db(), half.token, desk.later(6));
		expect(pending?.isPending).toBe(true);
		expect(await used(device.signed(at(await asked(6))), 6, pending)).toBeNull();
		expect((await readSession(db(), half.token, desk.later(6)))?.isPending).toBe(false);
		const old = await readSession(db(), half.token, desk.later(60));
		expect(old?.isFresh).toBe(false);
		await used(device.signed(at(await asked(60))), 60, old);
		expect((await readSession(db(), half.token, desk.later(60)))?.isFresh).toBe(true);
	});

	it('is refused where anything about its answer is not as it was asked', async () => {
		const { device } = await added(desk.coordinator, new PasskeyDevice(), 100);
		const wrong: readonly (readonly [string, () => Promise<unknown>])[] = [
			['made up', async () => used(device.signed(at('bWFkZS11cA')), 101)],
			['late', async () => used(device.signed(at(await asked(101))), 107)],
			[
				'of another site',
				async () => used(device.signed({ ...at(await asked(101)), origin: 'https://else.example' }), 101)
			],
			[
				'for another name',
				async () => used(device.signed({ ...at(await asked(101)), rpId: 'else.example' }), 101)
			],
			[
				'without a finger or a number',
				async () => used(device.signed(at(await asked(101)), { isVerified: false }), 101)
			],
			[
				'signed by another key',
				async () => used(device.signed(at(await asked(101)), { by: new PasskeyDevice() }), 101)
			],
			[
				'of a device that nobody added',
				async () => used(new PasskeyDevice().signed(at(await asked(101))), 101)
			]
		];
		for (const [what, act] of wrong) expect(await faultOf(act()), what).toBe('invalid');
		// The same answer opens nothing twice, and a copy that is behind in its count opens nothing.
		const answer = device.signed(at(await asked(102)));
		await used(answer, 102);
		expect(await faultOf(used(answer, 102))).toBe('invalid');
		device.count = 1;
		expect(await faultOf(used(device.signed(at(await asked(103))), 103))).toBe('invalid');
		device.count = 50;
		expect(await faultOf(used(device.signed(at(await asked(103))), 103))).toBe('none');
	});

	it('is added by whom it was offered to alone, and with a finger or a number', async () => {
		const device = new PasskeyDevice();
		const add = (user: TestUser, challenge: string, more = {}) =>
			addPasskey(db(), user, party, { response: device.made(at(challenge), more), name: 'x' }, now);
		const { challenge } = await startPasskeyRegistration(db(), desk.reader, party, now);
		expect(await faultOf(add(desk.clinician, challenge))).toBe('invalid');
		expect(await faultOf(add(desk.reader, challenge, { isVerified: false }))).toBe('invalid');
		// One that was made for a sign-in adds nothing.
		expect(await faultOf(add(desk.reader, await asked(0)))).toBe('invalid');
		expect(await listPasskeys(db(), desk.reader.id)).toEqual([]);
	});

	it('is taken away by its owner, with the codes once nothing is left they stand for; a closed account’s opens nothing', async () => {
		const { device } = await added(desk.reader, new PasskeyDevice(), 200);
		await removePasskey(db(), desk.clinician, device.id.toString('base64url'), desk.later(200));
		expect(await listPasskeys(db(), desk.reader.id)).toHaveLength(1);
		await db().update(schema.users).set({ closedAt: now }).where(eq(schema.users.id, desk.reader.id));
		expect(await faultOf(used(device.signed(at(await asked(201))), 201))).toBe('invalid');
		await removePasskey(db(), desk.reader, device.id.toString('base64url'), desk.later(202));
		expect(await countRecoveryCodes(db(), desk.reader)).toBe(0);
	});
});
