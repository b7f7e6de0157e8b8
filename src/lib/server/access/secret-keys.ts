import { createCipheriv, createDecipheriv, createHmac, hkdfSync, randomBytes } from 'node:crypto';

/** What stands in for a key where nothing is at stake: the demo, development and tests. */
const NO_KEY = 'no key: nothing here is worth one';

/** The keys in force, the newest first: what was made with an older one is still read. */
let keys: readonly string[] = [NO_KEY];

/**
 * Says by which keys links are made and secrets are kept, once as a process begins. They are no part of the database, and so of no backup: who has that
 * opens nobody's answers.
 *
 * @param given the newest first; none where nothing is at stake
 */
export function configureKeys(given: readonly string[]): void {
	keys = given.length > 0 ? given : [NO_KEY];
}

/** The secrets of a personal link, one by each key, the newest key first: the same each time, until the self-assessment ends. */
export function linkTokens(assessmentId: string): readonly string[] {
	return keys.map((key) => createHmac('sha256', key).update(`link ${assessmentId}`).digest('base64url'));
}

/** The secret of a new personal link. */
export const linkToken = (assessmentId: string): string => linkTokens(assessmentId)[0] ?? '';

const SEALED = /^v1\.([\w-]{16})\.([\w-]{22})\.([\w-]+)$/;

const secretKey = (key: string) => Buffer.from(hkdfSync('sha256', key, '', 'easy-corner secrets', 32));

/** Seals a secret that has to be read again, so that it can be kept (AES-256-GCM). */
export function encryptSecret(secret: string): string {
	const iv = randomBytes(12);
	const cipher = createCipheriv('aes-256-gcm', secretKey(keys[0] ?? NO_KEY), iv);
	const text = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()]);
	return ['v1', ...[iv, cipher.getAuthTag(), text].map((part) => part.toString('base64url'))].join('.');
}

/**
 * Opens what {@link encryptSecret} made, by whichever key it was; what was kept before there were keys is given as it is.
 *
 * @returns null where no key in force opens it
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
			// Another key made it.
		}
	}
	return null;
}
