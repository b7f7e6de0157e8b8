/** The FNV-1a offset and prime for 32 bits, from memory. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/** A short name of a value that is written as JSON: the same for the same value, and hardly ever for another. */
export function keyOf(value: unknown): string {
	let hash = OFFSET;
	for (const char of JSON.stringify(value)) hash = Math.imul(hash ^ char.charCodeAt(0), PRIME);
	return (hash >>> 0).toString(36);
}
