import { createHash, randomBytes } from 'node:crypto';

/** A new 256-bit secret for a link or a cookie, safe in a URL. */
export function newToken(): string {
	return randomBytes(32).toString('base64url');
}

/** The stored form of a token: a hash that can't be reversed. Tokens are long and random, so one round is enough. */
export function hashToken(token: string): string {
	return createHash('sha256').update(token).digest('hex');
}
