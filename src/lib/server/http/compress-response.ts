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
 * A response compressed while streaming, where that is worthwhile and the client accepts it.
 * @param accepted the request's `accept-encoding`
 */
export function compressResponse(response: Response, accepted: string | null): Response {
	const { headers, body } = response;
	if (!body || !WORTH.test(headers.get('content-type') ?? '') || headers.has('content-encoding'))
		return response;
	headers.append('vary', 'accept-encoding');
	const length = headers.get('content-length');
	if (!takesGzip(accepted) || (length !== null && Number(length) < LEAST_BYTES)) return response;
	headers.delete('content-length');
	headers.set('content-encoding', 'gzip');
	return new Response(body.pipeThrough(new CompressionStream('gzip')), {
		status: response.status,
		statusText: response.statusText,
		headers
	});
}
