/** The FNV-1a offset and prime for 32 bits, from memory. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/** Digits of a number that count: browser and server differ in the last, where they know other ways to an angle. */
const DIGITS = 9;

/** A short name of a value that is written as JSON: the same for the same value, and hardly ever for another. */
export function stateHash(value: unknown): string {
	const text = JSON.stringify(value, (_, part: unknown) =>
		typeof part === 'number' ? Number(part.toPrecision(DIGITS)) : part
	);
	let hash = OFFSET;
	for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), PRIME);
	return (hash >>> 0).toString(36);
}
