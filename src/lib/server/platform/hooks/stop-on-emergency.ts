import type { Handle, RequestEvent } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { closedByEmergency, isClosedByEmergency, readLinkState } from '../../cases/warning-signs/stop-guard';
import { isAskedByScript, redirectTo } from './redirect-to';
import { isSafeMethod } from './safe-method';

/** The response to someone with an open emergency sign; null on routes that stay open. Lets a link answer in its person's language. */
async function stopOf(event: RequestEvent): Promise<Response | null> {
	const { params, request, route, locals } = event;
	if (!route.id?.startsWith('/c/')) return null;
	const link = await readLinkState(locals.db, params.token ?? '');
	locals.language = link.language;
	if (!isClosedByEmergency(route.id) || !link.isStopped) return null;
	const acceptsPage = request.headers.get('accept')?.includes('text/html') ?? false;
	if (isAskedByScript(event) || acceptsPage || isSafeMethod(request.method))
		return redirectTo(event, `/c/${params.token}/stop`);
	const closed = closedByEmergency();
	return Response.json({ message: errorText(closed.why, link.language) }, { status: closed.status });
}

/** Shows someone with an open emergency sign the stop page, on every route of their link except those that stay open. */
export const stopOnEmergency: Handle = async ({ event, resolve }) => (await stopOf(event)) ?? resolve(event);
