import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

const gzipped = promisify(gzip);

/** For pages: a twelfth more to send than with the usual level, in three quarters of its time. */
const PAGE_LEVEL = 3;

/** What is worth compressing: pages and their data. Files are compressed by the build; event streams must not wait. */
const WORTH = /^(?:text\/html|text\/plain|text\/csv|text\/calendar|application\/json)\b/;

/** Below this, headers cost more than is saved, bytes. */
const LEAST_BYTES = 1024;

/** Whether the client accepts gzip: named, or by a wildcard, and not refused. */
function takesGzip(accepted: string | null): boolean {
	const wanted = (accepted ?? '').split(',').map((part) => part.trim().toLowerCase());
	return wanted.some((part) => /^(?:gzip|\*)(?:\s*;\s*q=(?!0(?:\.0*)?$)[\d.]+)?$/.test(part));
}

/**
 * A response compressed, where that is worthwhile and the client accepts it: a whole page at once, anything else while it streams.
 * @param accepted the request's `accept-encoding`
 */
export async function compressResponse(response: Response, accepted: string | null): Promise<Response> {
	const { headers, body } = response;
	if (!body || !WORTH.test(headers.get('content-type') ?? '') || headers.has('content-encoding'))
		return response;
	headers.append('vary', 'accept-encoding');
	const length = headers.get('content-length');
	if (!takesGzip(accepted) || (length !== null && Number(length) < LEAST_BYTES)) return response;
	headers.delete('content-length');
	headers.set('content-encoding', 'gzip');
	const { status, statusText } = response;
	// SvelteKit marks a page with a hash of all of it, and streams the others.
	if (headers.has('etag')) {
		const bytes = await gzipped(await response.arrayBuffer(), { level: PAGE_LEVEL });
		headers.set('content-length', String(bytes.byteLength));
		return new Response(new Uint8Array(bytes), { status, statusText, headers });
	}
	return new Response(body.pipeThrough(new CompressionStream('gzip')), { status, statusText, headers });
}
