import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readConfig } from '$lib/server/config';
import { schema } from '$lib/server/db/client';
import { deliverLetters, messageIdOf } from '$lib/server/post/deliver-letters';
import { smtp } from '$lib/server/post/postman';
import { writeLetter } from '$lib/server/post/write-letter';
import { Desk } from '../support/desk';
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

const { letters, people } = schema;

async function letterTo(
	toEmail: string,
	personId: string | null = null,
	linkPath = '/c/secret'
): Promise<string> {
	await writeLetter(desk.test.db, {
		personId,
		toName: 'Zoë Receiver',
		toEmail,
		subject: 'Does your corner fit? ✓',
		body: 'First paragraph.\n\nSecond.',
		linkPath,
		writtenAt: now
	});
	const [row] = await desk.test.db.select().from(letters).where(eq(letters.toEmail, toEmail));
	return row?.id ?? '';
}

const deliver = (at = now) =>
	deliverLetters(
		desk.test.db,
		smtp(server.url, 'Easy Corner <corner@organisation.example>'),
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
		const [row] = await desk.test.db.select().from(letters).where(eq(letters.id, id));
		expect(row).toMatchObject({ state: 'delivered', linkPath: '' });
		server.taken.length = 0;
	});

	it('is handed plain text and HTML, with the link and the letter’s own id', async () => {
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
		server.answer = (to) => (to.startsWith('gone') ? '550 no such mailbox' : '250 ok');
		expect(await deliver()).toEqual({ delivered: 0, refused: 1 });
		const [letter] = await desk.test.db.select().from(letters).where(eq(letters.id, id));
		expect(letter).toMatchObject({ state: 'bounced' });
		expect(letter?.fault).toContain('550');
		const [person] = await desk.test.db.select().from(people).where(eq(people.id, personId));
		expect(person?.bouncedAt).toEqual(now);
	});

	it('that is not there loses nothing', async () => {
		const id = await letterTo('waits@example.org');
		const nobody = smtp('smtp://127.0.0.1:1', 'x@y.example');
		await deliverLetters(desk.test.db, nobody, '', () => now);
		const [letter] = await desk.test.db.select().from(letters).where(eq(letters.id, id));
		expect(letter).toMatchObject({ state: 'waiting', tries: 1 });
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
