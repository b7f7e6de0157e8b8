import { createTransport } from 'nodemailer';
import { sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { ComposedEmail } from './compose-email';

/** A letter on its way out. */
export interface OutgoingEmail extends ComposedEmail {
	readonly letterId: string;
	/** The same at every try: a server or mailbox that has it knows that it is the same letter. */
	readonly messageId: string;
	readonly toName: string;
	readonly toEmail: string;
	/** Picture that the HTML shows by its id; null for none. */
	readonly logo: { readonly cid: string; readonly png: Buffer } | null;
}

/** What became of a letter that was not taken. */
export class DeliveryError extends Error {
	/**
	 * @param isFinal whether another try is useless: the mailbox does not exist
	 * @param code what the server answered, as numbers alone: what a log may say of it
	 */
	constructor(
		message: string,
		readonly isFinal: boolean,
		readonly code = ''
	) {
		super(message);
	}
}

/** Takes letters to where they go. */
export interface MailTransport {
	/** Whether letters leave the house: what it has taken is in someone's mailbox, and need not be kept here. */
	readonly isReal: boolean;
	/** @throws DeliveryError where it was not taken */
	deliver(letter: OutgoingEmail): Promise<void>;
	/** Ends its connections, as the process ends. */
	close?(): void;
}

/** Mail to this domain comes back, so that bounces can be seen in the demo and in tests (RFC 2606 keeps it free). */
export const BOUNCING_DOMAIN = 'bounces.invalid';

/**
 * The stand-in for a mail server: a table that keeps what it was handed, once for each message id.
 *
 * @param db a connection of its own, not the transaction of the queue: like a mail server, it keeps what it has taken
 */
export function mailboxTransport(db: Db, clock: () => Date): MailTransport {
	return {
		isReal: false,
		async deliver({ letterId, messageId, toEmail, html }) {
			if (toEmail.endsWith(`@${BOUNCING_DOMAIN}`))
				throw new DeliveryError('550 5.1.1 no such mailbox', true, '5.1.1');
			await db
				.insert(schema.testInbox)
				// Nothing that opens someone's answers is kept, in a backup least of all.
				.values({ messageId, letterId, receivedAt: clock(), html: html.replace(/\/c\/[\w-]+/g, '/c/…') })
				.onConflictDoUpdate({
					target: schema.testInbox.messageId,
					set: { times: sql`${schema.testInbox.times} + 1` }
				});
		}
	};
}

/**
 * Answers that speak of the mailbox itself, and nothing else: it does not exist, its domain or its name can't be right, it has moved away, or it takes no
 * mail at all (RFC 3463, 3.2, and RFC 7505). Every other refusal, a relay that doesn't know us or a mailbox that is full, can be put right, and the letter
 * is tried again.
 */
const OF_THE_MAILBOX: readonly string[] = ['5.1.1', '5.1.2', '5.1.3', '5.1.6', '5.1.10'];

/** Whether an enhanced status says that there is no such mailbox, and so that nothing more is to be sent there. */
export const isMailboxUnknown = (code: string): boolean => OF_THE_MAILBOX.includes(code);

/** How long a mail server may be silent, ms: a letter that it does not take is tried again later. Our working assumptions. */
const PATIENCE = { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 30_000 } as const;

/** Connections that are kept open and used again. Our assumption: below what mail servers allow one sender. */
const CONNECTIONS = 5;

/** What a server answered, as numbers: its enhanced status where it gives one (RFC 3463), else its reply code; empty where it said nothing. */
function codeOf({ response, responseCode }: { response?: string; responseCode?: number }): string {
	const enhanced = /^\d{3}[ -]([245]\.\d{1,3}\.\d{1,3})\b/.exec(response ?? '')?.[1];
	return enhanced ?? (responseCode ? String(responseCode) : '');
}

/** The address of a sender such as `Easy Corner <corner@organisation.example>`. */
const addressOf = (sender: string) => /<([^<>]+)>\s*$/.exec(sender)?.[1] ?? sender;

/**
 * A real mail server, reached by a few connections that stay open.
 *
 * @param url smtp:// or smtps://, with user and password where it wants them
 * @param perMinute letters that it is handed in a minute at most; as many as it takes if left out
 * @param patience how long it may be silent, ms
 */
export function smtpTransport(
	url: string,
	from: string,
	perMinute: number | null = null,
	patience: Record<keyof typeof PATIENCE, number> = PATIENCE
): MailTransport {
	const transport = createTransport(
		{
			url,
			pool: true,
			maxConnections: CONNECTIONS,
			maxMessages: Infinity,
			...patience,
			...(perMinute === null ? {} : { rateDelta: 60_000, rateLimit: perMinute })
		},
		{ from }
	);
	return {
		isReal: true,
		close: () => transport.close(),
		async deliver({ messageId, toName, toEmail, fromName, replyTo, subject, text, html, logo, stopAddress }) {
			try {
				await transport.sendMail({
					messageId,
					to: { name: toName, address: toEmail },
					...(fromName && { from: { name: fromName, address: addressOf(from) } }),
					...(replyTo && { replyTo: { name: fromName, address: replyTo } }),
					...(stopAddress && {
						list: { unsubscribe: { url: stopAddress, comment: '' } },
						headers: { 'List-Unsubscribe-Post': 'List-Unsubscribe=One-Click' }
					}),
					subject,
					text,
					html,
					...(logo && {
						attachments: [
							{ cid: logo.cid, filename: 'logo.png', content: logo.png, contentType: 'image/png' }
						]
					})
				});
			} catch (error) {
				const code = codeOf(error as { response?: string; responseCode?: number });
				const message = error instanceof Error ? error.message.slice(0, 300) : 'not taken';
				throw new DeliveryError(message, isMailboxUnknown(code), code);
			}
		}
	};
}

/** Whether a mail server can be reached, and takes our name. @throws what it says where it doesn't */
export async function checkSmtp(url: string): Promise<void> {
	const transport = createTransport({ url, ...PATIENCE });
	try {
		await transport.verify();
	} finally {
		transport.close();
	}
}
