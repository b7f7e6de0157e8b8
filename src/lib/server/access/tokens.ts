import { createHash, randomBytes } from 'node:crypto';

/** A new secret of 256 bits for a link or a cookie, safe in a URL. */
export function newToken(): string {
	return randomBytes(32).toString('base64url');
}

/** What is kept of a token: a hash that does not give it back. Tokens are long and random, so one round is enough. */
export function hashToken(token: string): string {
	return createHash('sha256').update(token).digest('hex');
}
