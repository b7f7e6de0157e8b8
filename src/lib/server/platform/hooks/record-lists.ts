import type { Handle } from '@sveltejs/kit';
import { listShownBy } from '../access/desk-routes';
import { recordRead } from '../audit/record-read';

/** Writes to the audit log that a list of people was viewed, where it was sent. */
export const recordLists: Handle = async ({ event, resolve }) => {
	const response = await resolve(event);
	const { locals, request, route } = event;
	const list = listShownBy(route.id ?? '');
	if (list && locals.user && response.status === 200 && request.method === 'GET')
		await recordRead(locals.db, locals.user, { act: 'list-read', list }, locals.now);
	return response;
};
