import { createTransport } from 'nodemailer';
import { sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { ComposedEmail } from './compose-email';

export interface OutgoingEmail extends ComposedEmail {
	readonly emailId: string;
	/** The same at every attempt, so that a server or mailbox that has it recognises it. */
	readonly messageId: string;
	readonly toName: string;
	readonly toEmail: string;
	/** Image that the HTML shows by its content id; null for none. */
	readonly logo: { readonly cid: string; readonly png: Buffer } | null;
}

/** Why an email was not accepted. */
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

/** Takes emails to their destination. */
export interface MailTransport {
	/** Whether emails really leave: what was accepted is in someone's mailbox and need not be kept here. */
	readonly isReal: boolean;
	/** @throws DeliveryError where it was not taken */
	deliver(email: OutgoingEmail): Promise<void>;
	/** Closes its connections when the process ends. */
	close?(): void;
}

/** Mail to this domain bounces, so that bounces can be seen in the demo and in tests (reserved by RFC 2606). */
const BOUNCING_DOMAIN = 'bounces.invalid';

/**
 * Replaces a mail server: a table of what it was handed, once per message id.
 * @param db a connection of its own, not the queue's transaction: like a mail server, it keeps what it has accepted
 */
export function testInboxTransport(db: Db, clock: () => Date): MailTransport {
	return {
		isReal: false,
		async deliver({ emailId, messageId, toEmail, html }) {
			if (toEmail.endsWith(`@${BOUNCING_DOMAIN}`))
				throw new DeliveryError('550 5.1.1 no such mailbox', true, '5.1.1');
			await db
				.insert(schema.testInbox)
				// Nothing that opens someone's answers is kept, least of all in a backup.
				.values({ messageId, emailId, receivedAt: clock(), html: html.replace(/\/c\/[\w-]+/g, '/c/…') })
				.onConflictDoUpdate({
					target: schema.testInbox.messageId,
					set: { times: sql`${schema.testInbox.times} + 1` }
				});
		}
	};
}

/**
 * Status codes about the mailbox itself: it does not exist, its domain or name can't be right, it has moved, or it accepts no mail at all
 * (RFC 3463, 3.2, and RFC 7505). Every other refusal, such as a relay that doesn't know us or a full mailbox, can be remedied, and the
 * email is tried again.
 */
const OF_THE_MAILBOX: readonly string[] = ['5.1.1', '5.1.2', '5.1.3', '5.1.6', '5.1.10'];

/** Whether an enhanced status code says that there is no such mailbox, so that nothing more is sent there. */
export const isMailboxUnknown = (code: string): boolean => OF_THE_MAILBOX.includes(code);

/** How long a mail server may be silent, ms: an email it does not accept is tried again later. Our working assumptions. */
const PATIENCE = { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 30_000 } as const;

/** Connections kept open and reused. Our assumption: below what mail servers allow one sender. */
const CONNECTIONS = 5;

/**
 * A server's answer as a number: its enhanced status code if there is one (RFC 3463), otherwise its reply code; empty where it said
 * nothing.
 */
function codeOf({ response, responseCode }: { response?: string; responseCode?: number }): string {
	const enhanced = /^\d{3}[ -]([245]\.\d{1,3}\.\d{1,3})\b/.exec(response ?? '')?.[1];
	return enhanced ?? (responseCode ? String(responseCode) : '');
}

/** The address of a sender such as `Easy Corner <corner@organisation.example>`. */
const addressOf = (sender: string) => /<([^<>]+)>\s*$/.exec(sender)?.[1] ?? sender;

/**
 * A real mail server, over a few persistent connections.
 * @param url smtp:// or smtps://, with user and password if needed
 * @param perMinute most emails handed over per minute; no limit if left out
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

/**
 * Checks that a mail server can be reached and accepts our credentials.
 * @throws its error where it doesn't
 */
export async function checkSmtp(url: string): Promise<void> {
	const transport = createTransport({ url, ...PATIENCE });
	try {
		await transport.verify();
	} finally {
		transport.close();
	}
}
