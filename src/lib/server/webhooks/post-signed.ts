import { createHmac } from 'node:crypto';

/** How long a receiver may take, ms. */
const TIMEOUT_MS = 10_000;

/** Header with the moment (s since the epoch) and the signature. */
export const SIGNATURE_HEADER = 'x-easy-corner-signature';

/** A message for a receiver, and the secret that signs it. */
export interface SignedMessage {
	readonly url: string;
	readonly secret: string;
	readonly body: string;
	readonly at: Date;
}

/** What became of a message: taken, or what was met instead, such as `503` or `timeout`. */
export type PostResult = { readonly isTaken: true } | { readonly isTaken: false; readonly fault: string };

/** Hands a signed message to a receiver. */
export type PostSigned = (message: SignedMessage) => Promise<PostResult>;

/**
 * The signature of a message: `t=<seconds>,v1=<hex>`, where v1 is the HMAC-SHA-256 of `<seconds>.<body>`. With the moment in it, an old
 * message can't be sent again later.
 */
export function webhookSignature(secret: string, body: string, at: Date): string {
	const seconds = Math.floor(at.getTime() / 1000);
	return `t=${seconds},v1=${createHmac('sha256', secret).update(`${seconds}.${body}`).digest('hex')}`;
}

/** The fault of a request that got no answer, in a word: the address is a secret of its receiver, and stays out. */
function faultOf(error: unknown): string {
	if (error instanceof DOMException && error.name === 'TimeoutError') return 'timeout';
	const code = (error as { cause?: { code?: unknown } } | null)?.cause?.code;
	return typeof code === 'string' ? code : 'unreachable';
}

/** Posts a signed message. It follows no redirect: only the address that was set is told. */
export const postSigned: PostSigned = async ({ url, secret, body, at }) => {
	try {
		const answer = await fetch(url, {
			method: 'POST',
			redirect: 'error',
			headers: { 'content-type': 'application/json', [SIGNATURE_HEADER]: webhookSignature(secret, body, at) },
			body,
			signal: AbortSignal.timeout(TIMEOUT_MS)
		});
		// What it says is of no interest, and may be long.
		await answer.body?.cancel();
		return answer.ok ? { isTaken: true } : { isTaken: false, fault: String(answer.status) };
	} catch (error) {
		return { isTaken: false, fault: faultOf(error) };
	}
};
