import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { DomainError } from '../domain-error';
import { newToken } from './tokens';

/** Shortest password. OWASP ASVS 4.0.3, 2.1.1 (from memory). */
export const MIN_PASSWORD_LENGTH = 12;

/** argon2id as OWASP's password storage sheet asks at least (from memory): 19 MiB, two passes, one lane. */
const ARGON2 = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** Passwords that everybody tries first. ASVS 2.1.7; the list comes with @zxcvbn-ts/language-common (MIT). */
const COMMON = new Set(dictionary['passwords-common'].map((one) => String(one).toLowerCase()));

/** The form in which a password is kept. */
export function hashPassword(password: string): Promise<string> {
	return hash(password, ARGON2);
}

/** Verified against where there is no account, so that the time taken does not tell which addresses exist. */
let decoy: Promise<string> | null = null;

/** Whether a password is the one that was kept; takes as long where none was. */
export async function verifyPassword(kept: string | null, password: string): Promise<boolean> {
	decoy ??= hashPassword(newToken());
	return (await verify(kept ?? (await decoy), password)) && kept !== null;
}

/** A text without what people add to a word to make it pass: digits and signs at its ends. */
const core = (text: string) => text.toLowerCase().replace(/^[\d\W_]+|[\d\W_]+$/g, '');

/** Whether a text is one short part again and again, or a run of neighbours: `abcabcabcabc`, `123456789012`. */
function isPattern(text: string): boolean {
	if (/^(.{1,4})\1+.{0,3}$/s.test(text)) return true;
	const steps = [...text].slice(1).map((letter, i) => letter.charCodeAt(0) - text.charCodeAt(i));
	const runs = steps.filter((step) => Math.abs(step) === 1 || step === -9).length;
	return runs >= steps.length - 1;
}

/**
 * Refuses a password that someone would try early: short, a common one, with or without something hung on, a pattern, or made of the
 * name, the address or the name of this program. Nothing else is asked of it (ASVS 2.1.9, from memory).
 *
 * @throws DomainError `invalid` at `/password`
 */
export function requireStrongPassword(
	password: string,
	of: { readonly email: string; readonly name: string }
): void {
	const refuse = (why: 'passwordCommon' | 'passwordOfYours'): never => {
		throw new DomainError('invalid', why, '/password');
	};
	if (password.length < MIN_PASSWORD_LENGTH)
		throw new DomainError(
			'invalid',
			{ code: 'passwordTooShort', facts: { shortest: MIN_PASSWORD_LENGTH } },
			'/password'
		);
	const plain = password.toLowerCase();
	const bare = core(password);
	if (COMMON.has(plain) || COMMON.has(bare) || bare.length < 4 || isPattern(plain)) refuse('passwordCommon');
	const own = [...of.name.split(/\s+/), ...of.email.split(/[@.]/), 'easycorner'].map((one) =>
		one.toLowerCase()
	);
	// What is left once everything that is known of them is taken out has to be a password still.
	const left = own.filter((one) => one.length > 3).reduce((text, one) => text.replaceAll(one, ''), plain);
	if (left.length < 6 && left !== plain) refuse('passwordOfYours');
}
