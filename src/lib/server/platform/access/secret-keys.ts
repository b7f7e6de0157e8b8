import { createCipheriv, createDecipheriv, createHmac, hkdfSync, randomBytes } from 'node:crypto';

/** Stands in for a key where nothing is at stake: demo, development and tests. */
const NO_KEY = 'no key: nothing here is worth one';

/** The active keys, newest first: data made with an older one stays readable. */
let keys: readonly string[] = [NO_KEY];

/**
 * Sets the keys by which links are made and secrets are encrypted, once at process start. They are not in the database and so in no backup:
 * someone who has a backup can open nobody's answers.
 * @param given newest first; none where nothing is at stake
 */
export function configureKeys(given: readonly string[]): void {
	keys = given.length > 0 ? given : [NO_KEY];
}

/** The secrets of a personal link, one for each key, newest key first: always the same until the self-assessment ends. */
export function linkTokens(assessmentId: string): readonly string[] {
	return keys.map((key) => createHmac('sha256', key).update(`link ${assessmentId}`).digest('base64url'));
}

export const linkToken = (assessmentId: string): string => linkTokens(assessmentId)[0] ?? '';

const SEALED = /^v1\.([\w-]{16})\.([\w-]{22})\.([\w-]+)$/;

const secretKey = (key: string) => Buffer.from(hkdfSync('sha256', key, '', 'easy-corner secrets', 32));

/** Encrypts a secret that must be readable again (AES-256-GCM). */
export function encryptSecret(secret: string): string {
	const iv = randomBytes(12);
	const cipher = createCipheriv('aes-256-gcm', secretKey(keys[0] ?? NO_KEY), iv);
	const text = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()]);
	return ['v1', ...[iv, cipher.getAuthTag(), text].map((part) => part.toString('base64url'))].join('.');
}

/**
 * Decrypts what {@link encryptSecret} made with any active key; what was stored before there were keys is returned as is.
 * @returns null where no active key decrypts it
 */
export function decryptSecret(kept: string): string | null {
	const [, iv, tag, text] = SEALED.exec(kept) ?? [];
	if (iv === undefined || tag === undefined || text === undefined) return kept;
	for (const key of keys) {
		try {
			const decipher = createDecipheriv('aes-256-gcm', secretKey(key), Buffer.from(iv, 'base64url'));
			decipher.setAuthTag(Buffer.from(tag, 'base64url'));
			return decipher.update(text, 'base64url', 'utf8') + decipher.final('utf8');
		} catch {
			// Made with another key.
		}
	}
	return null;
}
