import { createHmac } from 'node:crypto';
import { describeError, log } from '../log';
import type { PostWebhook } from './alert-deputies';

/** How long a receiver may take, ms. */
const TIMEOUT_MS = 10_000;

/** Header with the moment (s since the epoch) and the signature. */
export const SIGNATURE_HEADER = 'x-easy-corner-signature';

/**
 * The signature of a message: `t=<seconds>,v1=<hex>`, where v1 is the HMAC-SHA-256 of `<seconds>.<body>`. With the moment in it, an old
 * message can't be sent again later.
 */
export function webhookSignature(secret: string, body: string, at: Date): string {
	const seconds = Math.floor(at.getTime() / 1000);
	return `t=${seconds},v1=${createHmac('sha256', secret).update(`${seconds}.${body}`).digest('hex')}`;
}

/** Posts a signed message. It follows no redirect: only the address that was set is told. A fault is logged without the address. */
export const postWebhook: PostWebhook = async ({ url, secret, body, at }) => {
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
		if (!answer.ok) log({ level: 'warn', event: 'webhook', status: answer.status });
		return answer.ok;
	} catch (error) {
		log({ level: 'warn', event: 'webhook', ...describeError(error) });
		return false;
	}
};
