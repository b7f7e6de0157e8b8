import { createHmac } from 'node:crypto';
import { safeFetch } from '../http/safe-fetch';

/** How long a receiver may take, ms. */
const TIMEOUT_MS = 10_000;

/** What a receiver says is of no interest; one that says more than this, bytes, is no receiver. */
const MOST_BYTES = 64 * 1024;

/** Header with the moment (s since the epoch) and the signature. */
export const SIGNATURE_HEADER = 'x-easy-corner-signature';

/** A message for a receiver, and the secret that signs it. */
interface SignedMessage {
	readonly url: string;
	readonly secret: string;
	readonly body: string;
	readonly at: Date;
}

/** What became of a message: taken, or what was met instead: a status such as `503`, or `unreachable`, whatever the reason. */
export type PostResult = { readonly isTaken: true } | { readonly isTaken: false; readonly fault: string };

export type PostSigned = (message: SignedMessage) => Promise<PostResult>;

/**
 * The signature of a message: `t=<seconds>,v1=<hex>`, where v1 is the HMAC-SHA-256 of `<seconds>.<body>`. With the moment in it, an old
 * message can't be sent again later.
 */
export function webhookSignature(secret: string, body: string, at: Date): string {
	const seconds = Math.floor(at.getTime() / 1000);
	return `t=${seconds},v1=${createHmac('sha256', secret).update(`${seconds}.${body}`).digest('hex')}`;
}

/**
 * Posts signed messages. They follow no redirect: only the address that was set is told.
 * @param privateHosts that may be told, by the settings
 */
export const postSigned =
	(privateHosts: readonly string[]): PostSigned =>
	async ({ url, secret, body, at }) => {
		const headers = {
			'content-type': 'application/json',
			[SIGNATURE_HEADER]: webhookSignature(secret, body, at)
		};
		const asked = {
			method: 'POST',
			headers,
			body,
			timeoutMs: TIMEOUT_MS,
			mostBytes: MOST_BYTES,
			privateHosts
		};
		const status = await safeFetch(url, asked).then(
			(answer) => answer.status,
			() => null
		);
		if (status === null) return { isTaken: false, fault: 'unreachable' };
		return status >= 200 && status < 300 ? { isTaken: true } : { isTaken: false, fault: String(status) };
	};
