import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readSession } from '$lib/server/platform/access/sessions';
import { signIn } from '$lib/server/platform/access/sign-in';
import { countAttempt } from '$lib/server/platform/access/throttle';
import { schema } from '$lib/server/platform/db/client';
import { applyRetention, setRetention } from '$lib/server/people/erasure/retention';
import { deliverEmails, DEFAULT_CLAIM } from '$lib/server/platform/email/deliver-emails';
import { testInboxTransport } from '$lib/server/platform/email/mail-transport';
import { queueEmail } from '$lib/server/platform/email/queue-email';
import { Desk, faultOf, PAINLESS } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;
const DAY = 24 * 60;
const YEAR = 365 * DAY;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('a clock that was wrong and is put right', () => {
	it('keeps nobody out who mistyped while it was ahead', async () => {
		const attempt = (at: Date) => faultOf(countAttempt(db(), ['account:a'], at));
		for (let i = 0; i < 30; i += 1) await attempt(desk.later(YEAR));
		expect(await attempt(desk.later(YEAR))).toBe('too-many');
		expect(await attempt(now)).toBe('none');
	});

	it('asks for the password again: one given later than now was not given lately', async () => {
		const { token } = await signIn(
			db(),
			{ email: 'two@example.org', password: 'long enough pass', origin: '192.0.2.1' },
			desk.later(5 * 60)
		);
		expect((await readSession(db(), token, desk.later(5 * 60)))?.isFresh).toBe(true);
		expect((await readSession(db(), token, now))?.isFresh).toBe(false);
	});

	it('holds no letter back that was written or claimed while it was ahead', async () => {
		const write = async (
			toEmail: string,
			minutes: number,
			over: Partial<typeof schema.emails.$inferInsert>
		) => {
			await queueEmail(db(), {
				personId: null,
				kind: 'message',
				language: 'en',
				toName: 'x',
				toEmail,
				subject: 'x',
				body: 'x',
				linkPath: '',
				writtenAt: desk.later(minutes)
			});
			if (Object.keys(over).length > 0)
				await db().update(schema.emails).set(over).where(eq(schema.emails.toEmail, toEmail));
		};
		await db().delete(schema.emails);
		await write('ahead@example.org', YEAR, {});
		await write('claimed@example.org', 0, { claimedUntil: desk.later(YEAR) });
		await write('in-hand@example.org', 0, { claimedUntil: desk.later(3) });
		await write('later@example.org', 0, { nextTryAt: desk.later(11 * 60) });
		const clock = () => now;
		expect(await deliverEmails(db(), testInboxTransport(db(), clock), 'http://x', clock)).toEqual({
			delivered: 2,
			refused: 0
		});
		const rows = await db().select().from(schema.emails);
		expect(
			rows
				.filter(({ state }) => state === 'waiting')
				.map(({ toEmail }) => toEmail)
				.sort()
		).toEqual(['in-hand@example.org', 'later@example.org']);
	});

	it('erases nobody by a policy until it has gone on for a week without a jump', async () => {
		const { personId } = await desk.answered(PAINLESS);
		await setRetention(
			db(),
			desk.coordinator,
			{ yearsAfterLeaving: null, yearsAfterAnswer: 3, version: 1 },
			now
		);
		const there = () => db().$count(schema.people, eq(schema.people.id, personId));
		const look = (minutes: number) => applyRetention(db(), desk.later(minutes), 'UTC');
		for (let day = 0; day < 10; day += 1) await look(day * DAY);
		// Ten years ahead all at once: for a week someone can see that it is wrong.
		for (let hour = 0; hour < 6 * 24; hour += 12) expect(await look(10 * YEAR + hour * 60)).toBe(0);
		// Put right: that is a jump too.
		expect(await look(11 * DAY)).toBe(0);
		expect(await there()).toBe(1);
		// Truly gone on so far, day by day, it is erased.
		await db()
			.update(schema.retention)
			.set({ lookedAt: desk.later(4 * YEAR), steadySince: desk.later(3 * YEAR) });
		expect(await look(4 * YEAR + DAY)).toBe(1);
		expect(await there()).toBe(0);
	});
});

describe('work that takes longer than one job may', () => {
	it('leaves the rest to the next, with nothing claimed', async () => {
		await db().delete(schema.emails);
		for (let i = 0; i < 25; i += 1)
			await queueEmail(db(), {
				personId: null,
				kind: 'message',
				language: 'en',
				toName: 'x',
				toEmail: `n${i}@example.org`,
				subject: 'x',
				body: 'x',
				linkPath: '',
				writtenAt: now
			});
		const clock = () => now;
		let looks = 0;
		const shallGoOn = () => (looks += 1) === 1;
		const first = await deliverEmails(db(), testInboxTransport(db(), clock), 'http://x', clock, {
			...DEFAULT_CLAIM,
			shallGoOn
		});
		expect(first.delivered).toBe(20);
		expect((await db().select().from(schema.emails)).filter(({ claimedUntil }) => claimedUntil)).toEqual([]);
		expect((await deliverEmails(db(), testInboxTransport(db(), clock), 'http://x', clock)).delivered).toBe(5);
	});
});
