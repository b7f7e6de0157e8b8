import { createTransport } from 'nodemailer';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { schema } from '$lib/server/db/client';
import { readUndelivered } from '$lib/server/post/undelivered';
import { receiveBounces, type BounceReceiver } from '$lib/server/post/receive-bounces';
import { writeLetter } from '$lib/server/post/write-letter';
import { Desk } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
let desk: Desk;
let receiver: BounceReceiver;
const { letters, people } = schema;

beforeAll(async () => {
	desk = await Desk.make(now);
	receiver = await receiveBounces(desk.test.db, 0, () => now);
});
afterAll(async () => {
	await receiver.stop();
	await desk.test.drop();
});

/** A person with an email that a mail server has taken. */
async function delivered(n: number): Promise<{ letterId: string; personId: string }> {
	const personId = await desk.person({ email: `gone${n}@example.org` });
	await writeLetter(desk.test.db, {
		personId,
		toName: `Gone ${n}`,
		toEmail: `gone${n}@example.org`,
		subject: 'Hello',
		body: 'One.',
		linkPath: '/c/x',
		writtenAt: now
	});
	const [letter] = await desk.test.db
		.update(letters)
		.set({ state: 'delivered' })
		.where(eq(letters.personId, personId))
		.returning({ id: letters.id });
	return { letterId: letter?.id ?? '', personId };
}

/** A report as RFC 3464, 6 (appendix) shows one. */
const reportOn = (letterId: string, action: string, status: string) => `From: MAILER-DAEMON@mail.example
To: corner@organisation.example
Subject: Undelivered Mail Returned to Sender
MIME-Version: 1.0
Content-Type: multipart/report; report-type=delivery-status; boundary="B"

--B
Content-Type: text/plain

Private words that nobody needs.
--B
Content-Type: message/delivery-status

Reporting-MTA: dns; mail.example

Final-Recipient: rfc822; gone@example.org
Action: ${action}
Status: ${status}
Diagnostic-Code: smtp; 550 ${status} refused
--B
Content-Type: text/rfc822-headers

From: corner@organisation.example
Message-ID: <${letterId}@easy-corner>
Subject: Hello
--B--
`;

async function arrives(raw: string): Promise<void> {
	const transport = createTransport({ host: '127.0.0.1', port: receiver.port, ignoreTLS: true });
	const envelope = { from: '', to: 'corner@organisation.example' };
	await transport.sendMail({ envelope, raw: raw.replace(/\n/g, '\r\n') });
	transport.close();
}

const stateOf = async (id: string) =>
	(await desk.test.db.select().from(letters).where(eq(letters.id, id)))[0];
const isMarked = async (id: string) =>
	(await desk.test.db.select().from(people).where(eq(people.id, id)))[0]?.bouncedAt !== null;

describe('what a mail server sends back', () => {
	it('marks the address where there is no such mailbox, and keeps nothing of its text', async () => {
		const { letterId, personId } = await delivered(1);
		await arrives(reportOn(letterId, 'failed', '5.1.1'));
		expect(await stateOf(letterId)).toMatchObject({ state: 'bounced', fault: 'came back: 5.1.1' });
		expect(await isMarked(personId)).toBe(true);
	});

	it('lists the email to be sent again after any other answer, and marks nobody', async () => {
		const { letterId, personId } = await delivered(2);
		await arrives(reportOn(letterId, 'failed', '5.7.1'));
		expect(await stateOf(letterId)).toMatchObject({ state: 'failed' });
		expect(await isMarked(personId)).toBe(false);
		const { lines } = await readUndelivered(desk.test.db, desk.coordinator, now);
		expect(lines.map(({ id }) => id)).toContain(letterId);
		// Told twice, it is once.
		await arrives(reportOn(letterId, 'failed', '5.7.1'));
		expect(await stateOf(letterId)).toMatchObject({ state: 'failed' });
	});

	it('is nothing where the server goes on trying, of nobody’s email of ours, and where it is no report', async () => {
		const { letterId, personId } = await delivered(3);
		await arrives(reportOn(letterId, 'delayed', '4.4.1'));
		await arrives(reportOn(crypto.randomUUID(), 'failed', '5.1.1'));
		await arrives(
			`Subject: Out of office\nIn-Reply-To: <${letterId}@easy-corner>\n\nBack on Monday. My neck hurts.\n`
		);
		await arrives('rubbish');
		expect(await stateOf(letterId)).toMatchObject({ state: 'delivered', fault: '' });
		expect(await isMarked(personId)).toBe(false);
	});

	it('is not taken where it is larger than any report', async () => {
		await expect(arrives(`Subject: x\n\n${'x'.repeat(70)}\n`.repeat(6000))).rejects.toThrow('552');
	});
});
