import { createTransport } from 'nodemailer';
import { sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';

/** A letter on its way out. */
export interface Outgoing {
	readonly letterId: string;
	/** The same at every try: a server or mailbox that has it knows that it is the same letter. */
	readonly messageId: string;
	readonly toName: string;
	readonly toEmail: string;
	readonly subject: string;
	readonly text: string;
	readonly html: string;
}

/** What became of a letter that was not taken. */
export class PostFault extends Error {
	/** @param isFinal whether another try is useless: the address does not exist */
	constructor(
		message: string,
		readonly isFinal: boolean
	) {
		super(message);
	}
}

/** Takes letters to where they go. */
export interface Postman {
	/** Whether letters leave the house: what it has taken is in somebody's mailbox, and need not be kept here. */
	readonly isReal: boolean;
	/** @throws PostFault where it was not taken */
	deliver(letter: Outgoing): Promise<void>;
}

/** Mail to this domain comes back, so that bounces can be seen in the demo and in tests (RFC 2606 keeps it free). */
export const BOUNCING_DOMAIN = 'bounces.invalid';

/**
 * The stand-in for a mail server: a table that keeps what it was handed, once for each message id.
 *
 * @param db a connection of its own, not the transaction of the queue: like a mail server, it keeps what it has taken
 */
export function standIn(db: Db, clock: () => Date): Postman {
	return {
		isReal: false,
		async deliver({ letterId, messageId, toEmail, html }) {
			if (toEmail.endsWith(`@${BOUNCING_DOMAIN}`)) throw new PostFault('550 no such mailbox', true);
			await db
				.insert(schema.mailbox)
				.values({ messageId, letterId, receivedAt: clock(), html })
				.onConflictDoUpdate({
					target: schema.mailbox.messageId,
					set: { times: sql`${schema.mailbox.times} + 1` }
				});
		}
	};
}

/** From this reply code on a refusal is for ever (RFC 5321, 4.2.1). */
const PERMANENT = 500;

/** How long a mail server may be silent, ms: a letter that it does not take is tried again later. Working assumptions of ours. */
const PATIENCE = { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 30_000 } as const;

/** A real mail server. @param url smtp:// or smtps://, with user and password where it wants them */
export function smtp(url: string, from: string): Postman {
	const transport = createTransport(url, { from });
	Object.assign(transport.options, PATIENCE);
	return {
		isReal: true,
		async deliver({ messageId, toName, toEmail, subject, text, html }) {
			try {
				await transport.sendMail({ messageId, to: { name: toName, address: toEmail }, subject, text, html });
			} catch (error) {
				const { responseCode, command } = error as { responseCode?: number; command?: string };
				// Only a refusal of the receiver says something about the address; a refused sender or login is ours to mend.
				const isFinal = (responseCode ?? 0) >= PERMANENT && command === 'RCPT TO';
				throw new PostFault(error instanceof Error ? error.message.slice(0, 300) : 'not taken', isFinal);
			}
		}
	};
}
