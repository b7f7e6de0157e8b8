/** The FNV-1a offset and prime for 32 bits, from memory. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/** Significant digits of a number: browser and server may differ in the last ones, by other routines for angles. */
const DIGITS = 9;

/** A short hash of a value as JSON: the same for equal values, and hardly ever for different ones. */
export function stateHash(value: unknown): string {
	const text = JSON.stringify(value, (_, part: unknown) =>
		typeof part === 'number' ? Number(part.toPrecision(DIGITS)) : part
	);
	let hash = OFFSET;
	for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), PRIME);
	return (hash >>> 0).toString(36);
}
