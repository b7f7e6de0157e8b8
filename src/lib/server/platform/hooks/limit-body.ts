import type { Handle, RequestEvent } from '@sveltejs/kit';
import { MAX_LOGO_BYTES } from '../../../core/platform/organisation';
import { errorText } from '../../../messages/error-text';
import { limitBodySize, MAX_BODY_BYTES, MAX_IMPORT_BYTES } from '../http/read-body';

/** Where a list of people is imported. */
export const IMPORT_ROUTE = '/desk/(signed-in)/people/import';

const LOGO_ROUTE = '/desk/(signed-in)/organisation/logo';

/** Only an import and a logo may be large. */
function mostBytes(route: string | null): number {
	if (route === LOGO_ROUTE) return MAX_LOGO_BYTES;
	return route === IMPORT_ROUTE ? MAX_IMPORT_BYTES : MAX_BODY_BYTES;
}

/**
 * Whether a request's body is small enough; one without a stated size is read to find out. An import, the only large one, is counted while
 * it is read.
 */
async function takeBody(event: RequestEvent): Promise<boolean> {
	const most = mostBytes(event.route.id);
	if (event.route.id === IMPORT_ROUTE)
		return Number(event.request.headers.get('content-length') ?? 0) <= most;
	const request = await limitBodySize(event.request, most);
	if (request) event.request = request;
	return request !== null;
}

/** Refuses bodies that are too large. */
export const limitBody: Handle = async ({ event, resolve }) =>
	(await takeBody(event))
		? resolve(event)
		: Response.json({ message: errorText('tooMuchAtOnce', event.locals.language) }, { status: 413 });
