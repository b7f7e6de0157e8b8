import type { Handle } from '@sveltejs/kit';
import { withStyleNonce } from '../http/extract-inline-styles';

const SECURITY_HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin'
} as const;

/** Headers that protect pages and keep them out of caches. */
export const setHeaders: Handle = async ({ event, resolve }) => {
	const response = await resolve(event);
	const { headers } = response;
	for (const [name, value] of Object.entries(SECURITY_HEADERS)) headers.set(name, value);
	const policy = headers.get('content-security-policy');
	if (policy) headers.set('content-security-policy', withStyleNonce(policy));
	// Sent only where it is true: a browser that receives it refuses plain HTTP for a year.
	if (event.url.protocol === 'https:')
		headers.set('strict-transport-security', 'max-age=31536000; includeSubDomains');
	if (event.route.id?.startsWith('/c/') || event.route.id?.startsWith('/desk'))
		headers.set('cache-control', 'private, no-store');
	return response;
};
