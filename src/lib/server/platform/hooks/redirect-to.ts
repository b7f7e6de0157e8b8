import type { RequestEvent } from '@sveltejs/kit';

/** Whether scripts of a page asked: a plain redirect would be read as data. */
export const isAskedByScript = ({ isDataRequest, request }: RequestEvent): boolean =>
	isDataRequest || request.headers.has('x-sveltekit-action');

/** A redirect that pages, and the scripts of pages, follow. */
export const redirectTo = (event: RequestEvent, location: string): Response =>
	isAskedByScript(event)
		? Response.json({ type: 'redirect', location, status: 303 })
		: new Response(null, { status: 303, headers: { location } });
