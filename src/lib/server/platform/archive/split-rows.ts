const QUOTE = 0x22;
const NEWLINE = 0x0a;

/** Some whole rows, as they were written. */
export interface Rows {
	readonly bytes: Buffer;
	readonly rows: number;
}

/**
 * Groups what PostgreSQL writes into parts of whole rows, each a little longer than a size. In CSV a row may have line breaks within
 * quotes; a document has none.
 * @param leastBytes at which a part ends with its row
 */
export async function* splitRows(
	chunks: AsyncIterable<Uint8Array>,
	{ hasQuotes, leastBytes }: { readonly hasQuotes: boolean; readonly leastBytes: number }
): AsyncGenerator<Rows> {
	let held: Uint8Array[] = [];
	let heldBytes = 0;
	let rows = 0;
	let isQuoted = false;
	const part = (): Rows => {
		const whole = { bytes: Buffer.concat(held), rows };
		[held, heldBytes, rows] = [[], 0, 0];
		return whole;
	};
	for await (const chunk of chunks) {
		let from = 0;
		for (let at = 0; at < chunk.length; at += 1) {
			if (hasQuotes && chunk[at] === QUOTE) isQuoted = !isQuoted;
			if (chunk[at] !== NEWLINE || isQuoted) continue;
			rows += 1;
			if (heldBytes + at + 1 - from < leastBytes) continue;
			held.push(chunk.subarray(from, at + 1));
			from = at + 1;
			yield part();
		}
		held.push(chunk.subarray(from));
		heldBytes += chunk.length - from;
	}
	if (rows > 0) yield part();
}
