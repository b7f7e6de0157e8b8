import type { Handle, RequestEvent } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { isBehindSignIn, isPageView, isRequestAllowed, permissionFor } from '../access/desk-routes';
import { gateFor } from '../access/gate';
import { refusalFor } from '../access/require-permission';
import { redirectTo } from './redirect-to';

/**
 * The response to someone who may not make a desk request; null where they may. For a page view, the layout shows the refusal as a page.
 */
function refusalOf({ request, url, route, locals }: RequestEvent): Response | null {
	if (!isBehindSignIn(route.id) || !locals.user) return null;
	const asked = { route: route.id ?? '', method: request.method, query: url.searchParams };
	locals.isDenied = !isRequestAllowed(locals.user.role, asked);
	if (!locals.isDenied || isPageView(asked)) return null;
	const permission = permissionFor(asked);
	const message = errorText(permission ? refusalFor(permission) : 'forCoordinators');
	const isAct = request.headers.get('x-sveltekit-action');
	return Response.json(isAct ? { type: 'error', status: 403, error: { message } } : { message }, {
		status: 403
	});
}

/** Sends a session that must do something first to where it does it, and refuses what a role may not do. */
export const guardDesk: Handle = ({ event, resolve }) => {
	const { url, route, locals } = event;
	const to = gateFor(route.id, url.pathname + url.search, locals.session, locals.config.secondFactorRoles);
	return to === null ? (refusalOf(event) ?? resolve(event)) : redirectTo(event, to);
};
