import { createHash } from 'node:crypto';
import type { Db } from '../db/client';
import { readLogo } from './read-organisation';

/** The organisation's logo as a response; 304 where the browser has it, 404 where there is none. */
export async function logoResponse(db: Db, request: Request): Promise<Response> {
	const logo = await readLogo(db);
	if (!logo) return new Response(null, { status: 404 });
	const etag = `"${createHash('sha256').update(logo.png).digest('base64url').slice(0, 22)}"`;
	const headers = { etag, 'cache-control': 'no-cache' };
	if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
	return new Response(new Uint8Array(logo.png), { headers: { ...headers, 'content-type': 'image/png' } });
}
