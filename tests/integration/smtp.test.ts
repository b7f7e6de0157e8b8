import { and, eq, inArray, isNotNull, like } from 'drizzle-orm';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readConfig } from '$lib/server/platform/config';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { emailWords } from '$lib/messages/emails';
import { schema } from '$lib/server/platform/db/client';
import { LOGO_CID } from '$lib/server/platform/email/compose-email';
import { deliverEmails, messageIdOf } from '$lib/server/platform/email/deliver-emails';
import { smtpTransport } from '$lib/server/platform/email/mail-transport';
import { countRefused, readUndelivered, sendAgain } from '$lib/server/platform/email/undelivered';
import { queueEmail } from '$lib/server/platform/email/queue-email';
import { redrawLogo } from '$lib/server/platform/organisation/redraw-logo';
import { setLogo, setOrganisation } from '$lib/server/platform/organisation/set-organisation';
import { Desk, faultOf } from '../support/desk';
import { IS_LONG_RUN } from '../support/rotation';
import { SmtpStandIn } from '../support/smtp-stand-in';

const now = new Date('2026-03-02T09:00:00Z');
let desk: Desk;
let server: SmtpStandIn;

beforeAll(async () => {
	desk = await Desk.make(now);
	server = await SmtpStandIn.start();
});
afterAll(async () => {
	await server.stop();
	await desk.test.drop();
});

const { emails, people } = schema;

async function letterTo(
	toEmail: string,
	personId: string | null = null,
	linkPath = '/c/secret'
): Promise<string> {
	await queueEmail(desk.test.db, {
		personId,
		kind: 'message',
		language: 'en',
		toName: 'Zoë Receiver',
		toEmail,
		subject: 'Does your corner fit? ✓',
		body: 'First paragraph.\n\nSecond.',
		linkPath,
		writtenAt: now
	});
	const [row] = await desk.test.db.select().from(emails).where(eq(emails.toEmail, toEmail));
	return row?.id ?? '';
}

const deliver = (at = now) =>
	deliverEmails(
		desk.test.db,
		smtpTransport(server.url, 'Easy Corner <corner@organisation.example>'),
		'https://corner.example',
		() => at
	);

/** The body of a mail part, out of the encoding that mail travels in. */
const plain = (data: string) =>
	data
		.replace(/=\r\n/g, '')
		.replace(/=([0-9A-F]{2})/g, (_, hex: string) => String.fromCharCode(parseInt(hex, 16)));

describe('a real mail server', () => {
	it('has the only copy of a link that opens an account: none is left in the database, nor in a backup', async () => {
		const id = await letterTo('owner@example.org', null, '/desk/password/a-secret-of-its-own');
		await deliver();
		expect(plain(server.taken.at(-1)?.data ?? '')).toContain('/desk/password/a-secret-of-its-own');
		const [row] = await desk.test.db.select().from(emails).where(eq(emails.id, id));
		expect(row).toMatchObject({ state: 'delivered', linkPath: '' });
		server.taken.length = 0;
	});

	it('is handed plain text and HTML, with the link and the email’s own id', async () => {
		const id = await letterTo('zoe@example.org');
		expect(await deliver()).toEqual({ delivered: 1, refused: 0 });
		const [mail] = server.taken;
		expect(mail?.to).toBe('zoe@example.org');
		expect(mail?.data).toContain(`Message-ID: ${messageIdOf(id)}`);
		expect(mail?.data).toContain('From: Easy Corner <corner@organisation.example>');
		expect(mail?.data).toMatch(/Content-Type: text\/plain/);
		expect(mail?.data).toMatch(/Content-Type: text\/html/);
		const body = plain(mail?.data ?? '');
		expect(body).toContain('First paragraph.');
		expect(body.match(/https:\/\/corner\.example\/c\/secret/g)).toHaveLength(2);
	});

	it('is handed who writes, where answers go, the logo, and how reminders are stopped', async () => {
		const organisation = {
			...UNSET_ORGANISATION,
			name: 'Example Works',
			contactName: 'Oriel Example',
			replyTo: 'health@works.example'
		};
		await setOrganisation(desk.test.db, desk.coordinator, { organisation, version: 0 }, now);
		const drawn = sharp({ create: { width: 30, height: 10, channels: 3, background: '#2F6F73' } });
		await setLogo(desk.test.db, desk.coordinator, await redrawLogo(await drawn.png().toBuffer()), now);
		await queueEmail(desk.test.db, {
			personId: null,
			toName: 'Ada',
			toEmail: 'ada@example.org',
			linkPath: '/c/secret/check-in',
			writtenAt: now,
			...emailWords('check-in-reminder', { name: 'Ada' })
		});
		await deliver();
		const { data = '' } = server.taken.find(({ to }) => to === 'ada@example.org') ?? {};
		expect(data).toContain('From: "Oriel Example, Example Works" <corner@organisation.example>');
		expect(data).toMatch(/Reply-To: .*<health@works\.example>/);
		expect(data).toContain('Subject: Example Works: Reminder: how is your workstation now?');
		expect(data.replace(/\r\n /g, ' ')).toContain(
			'List-Unsubscribe: <https://corner.example/c/secret/reminders>'
		);
		expect(data).toContain('List-Unsubscribe-Post: List-Unsubscribe=One-Click');
		expect(data).toContain(`Content-ID: <${LOGO_CID}>`);
		await letterTo('eve@example.org');
		await deliver();
		expect(server.taken.find(({ to }) => to === 'eve@example.org')?.data).not.toContain('List-Unsubscribe');
		await desk.test.db.delete(schema.organisation);
	});

	it('that is busy is asked again with the same id', async () => {
		const id = await letterTo('busy@example.org');
		server.answer = () => '451 try later';
		expect(await deliver()).toEqual({ delivered: 0, refused: 1 });
		server.answer = () => '250 ok';
		expect(await deliver(new Date(now.getTime() + 60_000))).toEqual({ delivered: 1, refused: 0 });
		expect(server.taken.at(-1)?.data).toContain(messageIdOf(id));
	});

	it('that knows no such address makes it a bounce, noted with the person', async () => {
		const personId = await desk.person({ email: 'gone@example.org' });
		const id = await letterTo('gone@example.org', personId);
		server.answer = (to) => (to.startsWith('gone') ? '550 5.1.1 no such mailbox' : '250 ok');
		expect(await deliver()).toEqual({ delivered: 0, refused: 1 });
		const [row] = await desk.test.db.select().from(emails).where(eq(emails.id, id));
		expect(row).toMatchObject({ state: 'bounced' });
		expect(row?.fault).toContain('550');
		const [person] = await desk.test.db.select().from(people).where(eq(people.id, personId));
		expect(person?.bouncedAt).toEqual(now);
	});

	it.each([
		['a relay that does not know us', '554 5.7.1 relay access denied'],
		['a server that says no more than that it won’t', '550 not now'],
		['a mailbox that is full', '552 5.2.2 mailbox full'],
		['greylisting', '450 4.7.1 come back later']
	])('%s marks nobody: the letter is tried again', async (name, answer) => {
		const email = `${name.replaceAll(/\W/g, '')}@example.org`;
		const personId = await desk.person({ email });
		const id = await letterTo(email, personId);
		server.answer = (to) => (to === email.toLowerCase() || to === email ? answer : '250 ok');
		await deliver();
		const [row] = await desk.test.db.select().from(emails).where(eq(emails.id, id));
		expect(row).toMatchObject({ state: 'waiting', tries: 1 });
		const [person] = await desk.test.db.select().from(people).where(eq(people.id, personId));
		expect(person?.bouncedAt).toBeNull();
		server.answer = () => '250 ok';
		expect((await deliver(new Date(now.getTime() + 60_000))).delivered).toBeGreaterThan(0);
	});

	it('that refuses everything is left alone after some emails, and nothing is lost', async () => {
		server.answer = () => '554 5.7.1 relay access denied';
		for (let i = 0; i < 50; i += 1) await letterTo(`many${i}@example.org`, await desk.person());
		const { delivered, refused } = await deliver();
		expect(delivered).toBe(0);
		expect(refused).toBeGreaterThanOrEqual(20);
		expect(refused).toBeLessThan(50);
		server.answer = () => '250 ok';
		server.taken.length = 0;
		await deliver(new Date(now.getTime() + 120_000));
		const many = server.taken.filter(({ to }) => to.startsWith('many')).map(({ to }) => to);
		expect(new Set(many).size).toBe(50);
		expect(many).toHaveLength(50);
	});

	it('that refused for five days is tried again by hand; an address without a mailbox is not', async () => {
		const { coordinator } = desk;
		const failed = await letterTo('failed@example.org', await desk.person());
		const gone = await letterTo('nobody@example.org', await desk.person());
		await desk.test.db.update(emails).set({ state: 'failed', tries: 12 }).where(eq(emails.id, failed));
		await desk.test.db.update(emails).set({ state: 'bounced', tries: 1 }).where(eq(emails.id, gone));
		const { lines } = await readUndelivered(desk.test.db, coordinator, now);
		const told = lines.filter(({ id }) => id === failed || id === gone);
		expect(told.map(({ state }) => state).sort()).toEqual(['bounced', 'failed']);
		expect(await countRefused(desk.test.db)).toBeGreaterThanOrEqual(1);
		expect(await sendAgain(desk.test.db, coordinator, { id: gone }, now)).toBe(0);
		expect(await sendAgain(desk.test.db, coordinator, { id: failed }, now)).toBe(1);
		server.answer = () => '250 ok';
		server.taken.length = 0;
		await deliver();
		expect(server.taken.map(({ to }) => to)).toContain('failed@example.org');
		expect(await faultOf(sendAgain(desk.test.db, desk.reader, { id: null }, now))).toBe('not-allowed');
	});

	it('is handed what someone with an account waits for before a round', async () => {
		for (let i = 0; i < 30; i += 1) await letterTo(`round${i}@example.org`, await desk.person());
		await letterTo('account@example.org', null, '/desk/password/another-secret');
		server.taken.length = 0;
		await deliver();
		expect(server.taken[0]?.to).toBe('account@example.org');
		expect(server.taken).toHaveLength(31);
	});

	it('that is not there loses nothing', async () => {
		const id = await letterTo('waits@example.org');
		const nobody = smtpTransport('smtp://127.0.0.1:1', 'x@y.example');
		await deliverEmails(desk.test.db, nobody, '', () => now);
		const [email] = await desk.test.db.select().from(emails).where(eq(emails.id, id));
		expect(email).toMatchObject({ state: 'waiting', tries: 1 });
	});

	it('is one setting, and a wrong one is told', () => {
		const base = { DATABASE_URL: 'postgres://x' };
		expect(readConfig({ ...base, EASY_CORNER_SMTP: 'smtps://u:p@mail.example:465' }).smtpUrl).toBe(
			'smtps://u:p@mail.example:465'
		);
		expect(readConfig(base).smtpUrl).toBe('');
		expect(() => readConfig({ ...base, EASY_CORNER_SMTP: 'mail.example' })).toThrow('EASY_CORNER_SMTP');
	});
});

describe('a thousand emails', () => {
	const LETTERS = 1000;
	/** What the server does with every so many of the emails, the first time, or twice, or for ever. */
	const KINDS = ['grey', 'before', 'after', 'stall', 'relay', 'gone'] as const;
	const EVERY = { grey: 10, before: 25, after: 30, stall: 400, relay: 7, gone: 50 } as const;
	const isOf = (kind: (typeof KINDS)[number], n: number) => n % EVERY[kind] === 1;
	const numberOf = (to: string) => Number(/^k(\d+)@/.exec(to)?.[1] ?? -1);

	it.runIf(IS_LONG_RUN)(
		'through a server that is down for a weekend, then refuses, greylists, breaks off and stalls: none lost, and nobody marked wrongly',
		async () => {
			const personIds = (
				await desk.test.db
					.insert(people)
					.values(
						Array.from({ length: LETTERS }, (_, n) => ({
							name: `K ${n}`,
							email: `k${n}@example.org`,
							country: 'GB'
						}))
					)
					.returning({ id: people.id })
			).map(({ id }) => id);
			await desk.test.db.insert(emails).values(
				personIds.map((personId, n) => ({
					personId,
					kind: 'message' as const,
					language: 'en' as const,
					toName: `K ${n}`,
					toEmail: `k${n}@example.org`,
					subject: 'Does your corner fit?',
					body: 'One.',
					linkPath: '/c/x',
					writtenAt: now,
					nextTryAt: now
				}))
			);
			const flaky = await SmtpStandIn.start();
			const tries = new Map<number, number>();
			const isFirst = (n: number) => tries.get(n) === 1;
			flaky.answer = (to) => {
				const n = numberOf(to);
				tries.set(n, (tries.get(n) ?? 0) + 1);
				if (isOf('gone', n)) return '550 5.1.1 no such mailbox';
				if (isOf('stall', n) && isFirst(n)) return null;
				if (isOf('grey', n) && isFirst(n)) return '450 4.7.1 come back later';
				if (isOf('relay', n) && (tries.get(n) ?? 0) < 3) return '554 5.7.1 relay access denied';
				return '250 ok';
			};
			flaky.breaksOff = (to) => {
				const n = numberOf(to);
				if (!isFirst(n)) return null;
				return isOf('before', n) ? 'before' : isOf('after', n) ? 'after' : null;
			};
			// So long that only what stalls on purpose is given up, however busy the machine is: an email given up too early is sent twice.
			const patience = { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 10_000 };
			const down = smtpTransport(
				'smtp://127.0.0.1:1',
				'Easy Corner <corner@organisation.example>',
				null,
				patience
			);
			const up = smtpTransport(flaky.url, 'Easy Corner <corner@organisation.example>', null, patience);
			/** As the queue looks: every minute at most, and here every quarter of an hour. */
			const look = (postman: typeof up, hours: number) => {
				const at = new Date(now.getTime() + hours * 3_600_000);
				return deliverEmails(desk.test.db, postman, 'https://corner.example', () => at);
			};
			const waiting = () => desk.test.db.$count(emails, eq(emails.state, 'waiting'));
			for (let hours = 0; hours <= 60; hours += 6) await look(down, hours);
			expect(await waiting()).toBeGreaterThanOrEqual(LETTERS);
			let hours = 62;
			for (; hours < 120 && (await waiting()) > 0; hours += 0.25) await look(up, hours);
			up.close?.();
			down.close?.();
			await flaky.stop();
			const rows = await desk.test.db.select().from(emails).where(like(emails.toEmail, 'k%@example.org'));
			const gone = rows.filter(({ toEmail }) => isOf('gone', numberOf(toEmail)));
			expect(
				rows
					.filter(({ state }) => state === 'bounced')
					.map(({ id }) => id)
					.sort()
			).toEqual(gone.map(({ id }) => id).sort());
			expect(rows.filter(({ state }) => state === 'delivered')).toHaveLength(LETTERS - gone.length);
			const marked = await desk.test.db
				.select({ id: people.id })
				.from(people)
				.where(and(isNotNull(people.bouncedAt), inArray(people.id, personIds)));
			expect(marked.map(({ id }) => id).sort()).toEqual(
				gone.flatMap(({ personId }) => personId ?? []).sort()
			);
			// Each is there once, but for those of which the server's word was lost: and those under one message id.
			const times = new Map<string, number[]>();
			for (const { to, data } of flaky.taken.filter((mail) => numberOf(mail.to) >= 0)) {
				const id = /^Message-ID: (.*)$/m.exec(data)?.[1]?.trim() ?? '';
				times.set(id, [...(times.get(id) ?? []), numberOf(to)]);
			}
			expect(times.size).toBe(LETTERS - gone.length);
			for (const [id, numbers] of times) {
				expect(new Set(numbers).size, id).toBe(1);
				const isLost = isOf('after', numbers[0] ?? -1);
				expect(numbers.length, id).toBeLessThanOrEqual(isLost ? 2 : 1);
			}
		}
	);
});
