import { createHash } from 'node:crypto';
import { readLogo } from '$lib/server/organisation/read-organisation';
import type { RequestHandler } from './$types';

/** The organisation's logo, for everybody: pages of both doors and printed letters show it. */
export const GET: RequestHandler = async ({ locals, request }) => {
	const logo = await readLogo(locals.db);
	if (!logo) return new Response(null, { status: 404 });
	const etag = `"${createHash('sha256').update(logo.png).digest('base64url').slice(0, 22)}"`;
	const headers = { etag, 'cache-control': 'no-cache' };
	if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
	return new Response(new Uint8Array(logo.png), { headers: { ...headers, 'content-type': 'image/png' } });
};
