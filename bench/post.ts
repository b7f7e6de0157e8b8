import { eq } from 'drizzle-orm';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { openDatabase, schema } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { deliverEmails } from '../src/lib/server/platform/email/deliver-emails';
import { smtpTransport } from '../src/lib/server/platform/email/mail-transport';
import { queueEmail } from '../src/lib/server/platform/email/queue-email';
import { SmtpStandIn } from '../tests/support/smtp-stand-in';
import { print, rounded } from './measure';

/** Emails of a round that wait, and how long the way to the mail server takes, ms. */
const RUNS = [
	{ emailRows: 2000, delayMs: 0 },
	{ emailRows: 400, delayMs: 40 }
];

/** Emails of a round before which a password reset is written. */
const ROUND = 10_000;

/** Emails per second that one process hands to a mail server, and how long an account email waits behind a round. */
export async function benchPost(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	const server = await SmtpStandIn.start();
	const { db, pool } = openDatabase(postgres.url);
	try {
		await migrateDatabase(pool);
		const now = () => new Date();
		const [person] = await db
			.insert(schema.people)
			.values({ name: 'Someone', email: 'someone@example.org', createdAt: now() })
			.returning({ id: schema.people.id });
		const words = {
			kind: 'message',
			language: 'en',
			toName: 'Someone',
			subject: 'Hello',
			body: 'One.\n\nTwo.',
			linkPath: '/c/x'
		} as const;
		const write = async (n: number) => {
			const rows = Array.from({ length: n }, (_, i) => ({
				...words,
				personId: person?.id ?? null,
				toEmail: `n${i}@example.org`,
				writtenAt: now(),
				nextTryAt: now()
			}));
			for (let i = 0; i < n; i += 1000) await db.insert(schema.emails).values(rows.slice(i, i + 1000));
		};
		const postman = smtpTransport(server.url, 'Easy Corner <corner@organisation.example>');
		const deliver = (shallGoOn = () => true) =>
			deliverEmails(db, postman, 'https://corner.example', now, { leaseMs: 360_000, shallGoOn });
		for (const { emailRows, delayMs } of RUNS) {
			server.delayMs = delayMs;
			await write(emailRows);
			const began = performance.now();
			const { delivered } = await deliver();
			print({
				figure: 'post',
				delayMs,
				emails: delivered,
				emailsPerSecond: rounded(delivered / ((performance.now() - began) / 1000))
			});
		}
		server.delayMs = 0;
		await write(ROUND);
		let goesOn = true;
		const round = deliver(() => goesOn);
		const began = performance.now();
		await queueEmail(db, { ...words, personId: null, toEmail: 'reset@example.org', writtenAt: now() });
		while (!server.taken.some(({ to }) => to === 'reset@example.org'))
			await new Promise((resolve) => setTimeout(resolve, 5));
		const resetMs = performance.now() - began;
		goesOn = false;
		await round;
		const left = await db.$count(schema.emails, eq(schema.emails.state, 'waiting'));
		print({
			figure: 'post: a password reset behind a round',
			unit: 'ms',
			waiting: left,
			resetMs: rounded(resetMs)
		});
		postman.close?.();
	} finally {
		await pool.end();
		await server.stop();
		await postgres.stop();
	}
}
