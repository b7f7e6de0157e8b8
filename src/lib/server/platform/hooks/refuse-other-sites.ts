import type { Handle, RequestEvent } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { trustedOrigins } from '../http/trusted-origins';
import { isSafeMethod } from './safe-method';

/**
 * Whether a request that would change something comes from another site (ASVS 4.0.3, 4.2.2 and 13.2.3, from memory). A browser states its
 * origin; a request without one may do what a secret in its URL allows, but nothing at the desk, which relies on a cookie.
 */
function isForeign({ request, url, locals }: RequestEvent): boolean {
	if (isSafeMethod(request.method)) return false;
	const origin = request.headers.get('origin');
	if (origin === null) return url.pathname.startsWith('/desk');
	return origin !== url.origin && !trustedOrigins(locals.config).includes(origin);
}

/** Refuses requests from other sites, before anything is looked up. */
export const refuseOtherSites: Handle = ({ event, resolve }) =>
	isForeign(event)
		? Response.json({ message: errorText('foreignSite', event.locals.language) }, { status: 403 })
		: resolve(event);
