import type { Handle, RequestEvent } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { readLinkState } from '../../cases/warning-signs/stop-guard';
import { DomainError } from '../domain-error';
import { runtime } from '../runtime';
import { IMPORT_ROUTE } from './limit-body';
import { isSafeMethod } from './safe-method';

/** Counts writes; the response where there are more than anybody types. */
async function refusalOf(event: RequestEvent): Promise<Response | null> {
	const { request, params, locals, route } = event;
	if (isSafeMethod(request.method)) return null;
	const isLink = route.id?.startsWith('/c/');
	try {
		await runtime().writes.count({
			link: isLink ? params.token : undefined,
			account: locals.session?.user.id,
			address: event.getClientAddress(),
			isImport: route.id === IMPORT_ROUTE
		});
		return null;
	} catch (thrown) {
		if (!(thrown instanceof DomainError)) throw thrown;
		// Looked up only for refusals: counting comes before anything is read for a request.
		const { language } = isLink ? await readLinkState(locals.db, params.token ?? '') : locals;
		const message = errorText(thrown.why, language);
		// A form sent by scripts expects the response of a form action.
		const isAct = request.headers.get('x-sveltekit-action');
		return Response.json(isAct ? { type: 'error', error: { message } } : { message }, {
			status: thrown.status
		});
	}
}

/** Refuses more writes than anybody types. */
export const limitWrites: Handle = async ({ event, resolve }) => (await refusalOf(event)) ?? resolve(event);
