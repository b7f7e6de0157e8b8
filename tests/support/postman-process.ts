/** A process of its own that delivers emails until none waits, slowly enough to be killed in between. Run by a test. */
import { eq } from 'drizzle-orm';
import { openDatabase, schema } from '$lib/server/platform/db/client';
import { deliverEmails } from '$lib/server/platform/email/deliver-emails';
import { testInboxTransport, type MailTransport } from '$lib/server/platform/email/mail-transport';

const { db, pool } = openDatabase(process.env.DATABASE_URL ?? '');
const own = testInboxTransport(db, () => new Date());
const slow: MailTransport = {
	isReal: false,
	async deliver(email) {
		await own.deliver(email);
		// The moment in which a death hurts most: handed over, not noted yet.
		await new Promise((resolve) => setTimeout(resolve, 2));
	}
};

// A database that goes away is waited for, as the queue does.
for (;;) {
	try {
		await deliverEmails(db, slow, 'https://corner.example', () => new Date(), { leaseMs: 2000 });
		// What a dead process had claimed is free again once its claim has run out.
		if ((await db.$count(schema.emails, eq(schema.emails.state, 'waiting'))) === 0) break;
	} catch {
		await new Promise((resolve) => setTimeout(resolve, 200));
	}
}
await pool.end();
