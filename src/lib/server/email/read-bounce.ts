import PostalMime from 'postal-mime';

/** What a mail server said later of an email that it had taken (RFC 3464). */
export interface Bounce {
	/** Id of our letter. */
	readonly letterId: string;
	/** Whether it gave up; else it goes on trying, and nothing is known yet. */
	readonly hasFailed: boolean;
	/** The enhanced status (RFC 3463), such as 5.1.1; empty where it gives none. */
	readonly code: string;
}

/** Our message ids (`deliver-emails.ts`), wherever one stands in what came back. */
const OWN_ID = /<([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})@easy-corner>/;

const decoder = new TextDecoder();
const textOf = (content: string | ArrayBuffer | Uint8Array) =>
	typeof content === 'string' ? content : decoder.decode(content);

/**
 * Reads a report on the delivery of one of our emails; null for anything else: an automatic reply, a letter, rubbish. Nothing of its text is given, since
 * people write in what comes back.
 *
 * @param raw a message as it came (RFC 5322)
 */
export async function readBounce(raw: Uint8Array): Promise<Bounce | null> {
	const mail = await PostalMime.parse(raw).catch(() => null);
	const status = mail?.attachments.find(({ mimeType }) => mimeType === 'message/delivery-status');
	if (!mail || !status) return null;
	const report = textOf(status.content);
	// The email that came back, or its head, is a further part; some servers name it in the head of the report alone.
	const parts = mail.attachments.map(({ content }) => textOf(content));
	const heads = mail.headers.map(({ value }) => value);
	const letterId = [...parts, ...heads].map((text) => OWN_ID.exec(text)?.[1]).find(Boolean);
	if (!letterId) return null;
	return {
		letterId,
		hasFailed: /^Action:\s*failed\b/im.test(report),
		code: /^Status:\s*([245]\.\d{1,3}\.\d{1,3})\b/im.exec(report)?.[1] ?? ''
	};
}
