import PostalMime from 'postal-mime';

/** What a mail server reported later about an accepted email (RFC 3464). */
export interface Bounce {
	readonly emailId: string;
	/** Whether it gave up; otherwise it keeps trying, and nothing is known yet. */
	readonly hasFailed: boolean;
	/** The enhanced status code (RFC 3463), such as 5.1.1; empty where there is none. */
	readonly code: string;
}

/** Our message ids (`deliver-emails.ts`), anywhere in what was returned. */
const OWN_ID = /<([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})@easy-corner>/;

const decoder = new TextDecoder();
const textOf = (content: string | ArrayBuffer | Uint8Array) =>
	typeof content === 'string' ? content : decoder.decode(content);

/**
 * Reads a delivery report on one of our emails; null for anything else: an automatic reply, a letter, spam. None of its text is returned,
 * since people may have written in it.
 * @param raw a message as it came (RFC 5322)
 */
export async function readBounce(raw: Uint8Array): Promise<Bounce | null> {
	const mail = await PostalMime.parse(raw).catch(() => null);
	const status = mail?.attachments.find(({ mimeType }) => mimeType === 'message/delivery-status');
	if (!mail || !status) return null;
	const report = textOf(status.content);
	// The returned email, or its header, is a further part; some servers name it only in the report's header.
	const parts = mail.attachments.map(({ content }) => textOf(content));
	const heads = mail.headers.map(({ value }) => value);
	const emailId = [...parts, ...heads].map((text) => OWN_ID.exec(text)?.[1]).find(Boolean);
	if (!emailId) return null;
	return {
		emailId,
		hasFailed: /^Action:\s*failed\b/im.test(report),
		code: /^Status:\s*([245]\.\d{1,3}\.\d{1,3})\b/im.exec(report)?.[1] ?? ''
	};
}
