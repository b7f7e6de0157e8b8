import { redirect } from '@sveltejs/kit';
import type { Actor } from './actor';

/** The signed-in user of a request, or the way to the sign-in page. */
export function signedIn(locals: App.Locals): Actor {
	if (!locals.user) redirect(303, '/desk/sign-in');
	return locals.user;
}
