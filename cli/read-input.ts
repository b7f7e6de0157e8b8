/** Largest document taken, in bytes: a corner with hundreds of things is some 50 kB. */
export const LARGEST_DOCUMENT_BYTES = 1024 * 1024;

/** Largest bundle of FHIR taken, in bytes: one of some thousand people. */
export const LARGEST_BUNDLE_BYTES = 256 * 1024 * 1024;

/** Text read from outside, or why it could not be read. */
export type ReadText = { readonly text: string } | { readonly fault: string };

const decoder = new TextDecoder('utf-8', { fatal: true });

const tooLarge = (largestBytes: number): ReadText => ({
	fault: `the document is larger than ${largestBytes} bytes`
});

function decode(bytes: Uint8Array, largestBytes: number): ReadText {
	if (bytes.byteLength > largestBytes) return tooLarge(largestBytes);
	try {
		return { text: decoder.decode(bytes) };
	} catch {
		return { fault: 'the document is not valid UTF-8' };
	}
}

/** Reads a whole stream as one text. Reads on past the limit, keeping nothing, so that the writer is not cut off. */
export async function readDocument(
	stream: AsyncIterable<Uint8Array>,
	largestBytes = LARGEST_DOCUMENT_BYTES
): Promise<ReadText> {
	const chunks: Uint8Array[] = [];
	let size = 0;
	for await (const chunk of stream) {
		size += chunk.byteLength;
		if (size <= largestBytes + 1) chunks.push(chunk);
	}
	return size > largestBytes ? tooLarge(largestBytes) : decode(Buffer.concat(chunks), largestBytes);
}

const NEWLINE = 0x0a;

/** Reads a stream line by line; a last line without an end counts, an empty one after the last end does not. */
export async function* readLines(stream: AsyncIterable<Uint8Array>): AsyncGenerator<ReadText> {
	let parts: Uint8Array[] = [];
	let size = 0;
	const take = (bytes: Uint8Array) => {
		size += bytes.byteLength;
		if (size <= LARGEST_DOCUMENT_BYTES + 1) parts.push(bytes);
	};
	const line = (): ReadText => {
		const read =
			size > LARGEST_DOCUMENT_BYTES
				? tooLarge(LARGEST_DOCUMENT_BYTES)
				: decode(Buffer.concat(parts), LARGEST_DOCUMENT_BYTES);
		parts = [];
		size = 0;
		return read;
	};
	for await (const chunk of stream) {
		let from = 0;
		for (let end = chunk.indexOf(NEWLINE, from); end >= 0; end = chunk.indexOf(NEWLINE, from)) {
			take(chunk.subarray(from, end));
			yield line();
			from = end + 1;
		}
		take(chunk.subarray(from));
	}
	if (size > 0) yield line();
}
