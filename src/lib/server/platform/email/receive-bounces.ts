import { SMTPServer } from 'smtp-server';
import { and, eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { describeError, log } from '../log';
import { listenOn } from '../http/own-server';
import { lockPerson } from '../../people/lock-person';
import { recordBounce } from './deliver-emails';
import { isMailboxUnknown } from './mail-transport';
import { readBounce, type Bounce } from './read-bounce';

const { emails } = schema;

/** Largest report, which contains at most the returned email; larger messages are refused. */
export const MAX_REPORT_BYTES = 256 * 1024;

/**
 * Records what a mail server reported later about an email. Only a status about the mailbox itself marks an address; after any other the
 * email is listed as not delivered, to be sent again.
 * @returns whether it was news
 */
function applyBounce(db: Db, bounce: Bounce, now: Date): Promise<boolean> {
	if (!bounce.hasFailed) return Promise.resolve(false);
	return inTransaction(db, async (tx) => {
		const [email] = await tx
			.select({ personId: emails.personId })
			.from(emails)
			.where(eq(emails.id, bounce.emailId));
		if (!email) return false;
		const isFinal = isMailboxUnknown(bounce.code);
		// The person first, as in every act.
		if (isFinal && email.personId) await lockPerson(tx, email.personId);
		const changed = await tx
			.update(emails)
			.set({ state: isFinal ? 'bounced' : 'failed', fault: `came back: ${bounce.code || 'no reason given'}` })
			.where(and(eq(emails.id, bounce.emailId), eq(emails.state, 'delivered')))
			.returning({ id: emails.id });
		if (changed.length === 0) return false;
		if (isFinal && email.personId) await recordBounce(tx, email.personId, now);
		return true;
	});
}

/** A receiver of returned mail. */
export interface BounceReceiver {
	readonly port: number;
	stop(): Promise<void>;
}

/**
 * Accepts mail returned by mail servers, on this machine only: the organisation's mail server forwards it for the address our emails come
 * from. Anything that is no report on one of our emails is accepted and discarded, so that nobody's reply is stored where nobody looks for
 * it.
 * @param port 0 for any free one
 */
export async function receiveBounces(db: Db, port: number, clock: () => Date): Promise<BounceReceiver> {
	const server = new SMTPServer({
		disabledCommands: ['AUTH', 'STARTTLS'],
		size: MAX_REPORT_BYTES,
		banner: 'Easy Corner takes reports on delivery',
		logger: false,
		onData(stream, _session, done) {
			const chunks: Buffer[] = [];
			// A sender who breaks off sends it again.
			stream.on('error', (error: Error) => done(error));
			stream.on('data', (chunk: Buffer) => void (stream.sizeExceeded || chunks.push(chunk)));
			stream.on('end', () => {
				if (stream.sizeExceeded) return done(Object.assign(new Error('too large'), { responseCode: 552 }));
				handleBounceMessage(db, Buffer.concat(chunks), clock()).then(
					() => done(),
					(error: unknown) => {
						log({ level: 'error', event: 'email-came-back', ...describeError(error) });
						// The server sends it again.
						done(Object.assign(new Error('try again'), { responseCode: 451 }));
					}
				);
			});
		}
	});
	await listenOn(server.server, port, 'EASY_CORNER_BOUNCES_PORT');
	server.on('error', (error) => log({ level: 'warn', event: 'bounce-receiver', ...describeError(error) }));
	const address = server.server.address();
	return {
		port: typeof address === 'object' && address ? address.port : port,
		stop: () => new Promise((resolve) => server.close(() => resolve()))
	};
}

/**
 * Records what a returned message says about one of our emails; does nothing for any other.
 * @param raw a message as it came (RFC 5322)
 */
export async function handleBounceMessage(db: Db, raw: Uint8Array, now: Date): Promise<void> {
	const bounce = await readBounce(raw);
	if (bounce && (await applyBounce(db, bounce, now)))
		log({ level: 'warn', event: 'email-came-back', code: bounce.code || 'none' });
}
