/** Digits of the code that a person reads out. Our assumption: short enough for the phone, and five wrong ones end it. */
export const CODE_DIGITS = 6;

/** After this many wrong codes there is a new one. Our assumption. */
export const MOST_WRONG_CODES = 5;

/** A code as it is stored. */
export const CODE_PATTERN = `^[0-9]{${CODE_DIGITS}}$`;

/**
 * A code from a random number.
 * @param random from 0 up to, but without, 1
 */
export function codeFrom(random: number): string {
	return String(Math.floor(random * 10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0');
}

/** A typed code without the spaces, dots and dashes that people put between digits; null where it is none. */
export function readCode(text: string): string | null {
	const digits = text.replaceAll(/[\s.\-–]/g, '');
	return new RegExp(CODE_PATTERN).test(digits) ? digits : null;
}

/** A code in two groups, as it is read out. */
export const spacedCode = (code: string): string =>
	`${code.slice(0, CODE_DIGITS / 2)} ${code.slice(CODE_DIGITS / 2)}`;
