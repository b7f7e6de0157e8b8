/** Encodings that spreadsheets save tables in. */
export type TextEncoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

/**
 * Characters of Windows-1252 from 0x80 to 0x9f; all others equal Unicode. Source: WHATWG Encoding Standard, index windows-1252. Kept here
 * because releases of Node.js 20 give control characters for these.
 */
const WINDOWS_1252_FROM_0X80: readonly number[] = [
	0x20ac, 0x0081, 0x201a, 0x0192, 0x201e, 0x2026, 0x2020, 0x2021, 0x02c6, 0x2030, 0x0160, 0x2039, 0x0152,
	0x008d, 0x017d, 0x008f, 0x0090, 0x2018, 0x2019, 0x201c, 0x201d, 0x2022, 0x2013, 0x2014, 0x02dc, 0x2122,
	0x0161, 0x203a, 0x0153, 0x009d, 0x017e, 0x0178
];

function windows1252(bytes: Uint8Array): string {
	const chunks: string[] = [];
	// In pieces, because a call takes a limited number of arguments.
	for (let i = 0; i < bytes.length; i += 8192)
		chunks.push(
			String.fromCharCode(
				...Array.from(bytes.subarray(i, i + 8192), (byte) => WINDOWS_1252_FROM_0X80[byte - 0x80] ?? byte)
			)
		);
	return chunks.join('');
}

/**
 * Decodes a file of unknown encoding: by its byte order mark; otherwise as UTF-8 if valid; otherwise as Windows-1252, in which every byte
 * is a character.
 */
export function decodeText(bytes: Uint8Array): { text: string; encoding: TextEncoding } {
	const read = (encoding: 'utf-16le' | 'utf-16be') => ({
		text: new TextDecoder(encoding).decode(bytes),
		encoding
	});
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return read('utf-16le');
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return read('utf-16be');
	try {
		return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'utf-8' };
	} catch {
		return { text: windows1252(bytes), encoding: 'windows-1252' };
	}
}
