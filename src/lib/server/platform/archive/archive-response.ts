import { Readable } from 'node:stream';

/** An archive as a download; given up with it. */
export const archiveResponse = (name: string, archive: Readable): Response =>
	new Response(Readable.toWeb(archive) as ReadableStream<Uint8Array>, {
		headers: { 'content-type': 'application/gzip', 'content-disposition': `attachment; filename="${name}"` }
	});
