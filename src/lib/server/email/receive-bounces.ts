import { SMTPServer } from 'smtp-server';
import { and, eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { describeError, log } from '../log';
import { lockPerson } from '../people/lock-person';
import { recordBounce } from './deliver-emails';
import { isMailboxUnknown } from './mail-transport';
import { readBounce, type Bounce } from './read-bounce';

const { emails } = schema;

/** A report holds the email that came back, at most; more is not taken. */
export const MAX_REPORT_BYTES = 256 * 1024;

/**
 * Notes what a mail server said later of an email. Only an answer about the mailbox itself marks an address; after any other the email is listed as not
 * delivered, to be sent again.
 *
 * @returns whether it was news
 */
export function applyBounce(db: Db, bounce: Bounce, now: Date): Promise<boolean> {
	if (!bounce.hasFailed) return Promise.resolve(false);
	return inTransaction(db, async (tx) => {
		const [letter] = await tx
			.select({ personId: emails.personId })
			.from(emails)
			.where(eq(emails.id, bounce.letterId));
		if (!letter) return false;
		const isFinal = isMailboxUnknown(bounce.code);
		// The person first, as in every act.
		if (isFinal && letter.personId) await lockPerson(tx, letter.personId);
		const changed = await tx
			.update(emails)
			.set({ state: isFinal ? 'bounced' : 'failed', fault: `came back: ${bounce.code || 'no reason given'}` })
			.where(and(eq(emails.id, bounce.letterId), eq(emails.state, 'delivered')))
			.returning({ id: emails.id });
		if (changed.length === 0) return false;
		if (isFinal && letter.personId) await recordBounce(tx, letter.personId, now);
		return true;
	});
}

/** A receiver of what comes back. */
export interface BounceReceiver {
	readonly port: number;
	stop(): Promise<void>;
}

/**
 * Takes what mail servers send back, on this machine alone: the organisation's own mail server hands it over for the address that our emails come from.
 * Whatever is no report on one of our emails is taken and thrown away, so that nobody's reply is kept where nobody looks for it.
 *
 * @param port 0 for any that is free
 */
export async function receiveBounces(db: Db, port: number, clock: () => Date): Promise<BounceReceiver> {
	const server = new SMTPServer({
		disabledCommands: ['AUTH', 'STARTTLS'],
		size: MAX_REPORT_BYTES,
		banner: 'Easy Corner takes reports on delivery',
		logger: false,
		onData(stream, _session, done) {
			const chunks: Buffer[] = [];
			stream.on('data', (chunk: Buffer) => void (stream.sizeExceeded || chunks.push(chunk)));
			stream.on('end', () => {
				if (stream.sizeExceeded) return done(Object.assign(new Error('too large'), { responseCode: 552 }));
				handleBounceMessage(db, Buffer.concat(chunks), clock()).then(
					() => done(),
					(error: unknown) => {
						log({ level: 'error', event: 'email-came-back', ...describeError(error) });
						// It comes again.
						done(Object.assign(new Error('try again'), { responseCode: 451 }));
					}
				);
			});
		}
	});
	server.on('error', (error) => log({ level: 'warn', event: 'bounce-receiver', ...describeError(error) }));
	await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
	const address = server.server.address();
	return {
		port: typeof address === 'object' && address ? address.port : port,
		stop: () => new Promise((resolve) => server.close(() => resolve()))
	};
}

/** Notes what a message that came says of one of our emails; does nothing for any other. @param raw a message as it came (RFC 5322) */
export async function handleBounceMessage(db: Db, raw: Uint8Array, now: Date): Promise<void> {
	const bounce = await readBounce(raw);
	if (bounce && (await applyBounce(db, bounce, now)))
		log({ level: 'warn', event: 'email-came-back', code: bounce.code || 'none' });
}
