import type { Handle } from '@sveltejs/kit';
import { compressResponse } from '../http/compress-response';

/** Compresses responses for browsers that accept it. */
export const compress: Handle = async ({ event, resolve }) =>
	compressResponse(await resolve(event), event.request.headers.get('accept-encoding'));
