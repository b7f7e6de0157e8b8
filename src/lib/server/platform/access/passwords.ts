import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { DomainError } from '../domain-error';
import { newToken } from './tokens';

/** Shortest password. OWASP ASVS 4.0.3, 2.1.1 (from memory). */
export const MIN_PASSWORD_LENGTH = 12;

/** argon2id at the minimum of OWASP's password storage cheat sheet (from memory): 19 MiB, two passes, one lane. */
const ARGON2 = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** Passwords that attackers try first. ASVS 2.1.7; the list comes with @zxcvbn-ts/language-common (MIT). */
const COMMON = new Set(dictionary['passwords-common'].map((one) => String(one).toLowerCase()));

export function hashPassword(password: string): Promise<string> {
	return hash(password, ARGON2);
}

/** Verified where there is no account, so that the response time does not reveal which addresses exist. */
let decoy: Promise<string> | null = null;

/** Whether a password matches the stored one; takes as long where there is none. */
export async function verifyPassword(kept: string | null, password: string): Promise<boolean> {
	decoy ??= hashPassword(newToken());
	// An account from an archive has none until its owner chooses one.
	const stored = kept || null;
	return (await verify(stored ?? (await decoy), password)) && stored !== null;
}

/** A text without the digits and symbols that people add at the ends to make a word pass. */
const core = (text: string) => text.toLowerCase().replace(/^[\d\W_]+|[\d\W_]+$/g, '');

/** Whether a text repeats one short part, or is a run of neighbours: `abcabcabcabc`, `123456789012`. */
function isPattern(text: string): boolean {
	if (/^(.{1,4})\1+.{0,3}$/s.test(text)) return true;
	const steps = [...text].slice(1).map((letter, i) => letter.charCodeAt(0) - text.charCodeAt(i));
	const runs = steps.filter((step) => Math.abs(step) === 1 || step === -9).length;
	return runs >= steps.length - 1;
}

/**
 * Refuses a password that an attacker would try early: short, common with or without something added, a pattern, or made of the user's name
 * or address or this program's name. Nothing else is required (ASVS 2.1.9, from memory).
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
	// Without everything known about the user, the rest must still be a password.
	const left = own.filter((one) => one.length > 3).reduce((text, one) => text.replaceAll(one, ''), plain);
	if (left.length < 6 && left !== plain) refuse('passwordOfYours');
}
