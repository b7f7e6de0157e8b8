import { redirect } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

/**
 * Shows the frame to who is signed in. It guards no data: each use case asks for the right of who acts by itself.
 */
export const load: LayoutServerLoad = ({ locals, url }) => {
	if (!locals.user) redirect(303, '/desk/sign-in');
	return {
		userName: locals.user.name,
		role: locals.user.role,
		unit: locals.unit,
		hasPost: locals.config.mode !== 'production',
		timeZone: locals.config.timeZone,
		path: url.pathname
	};
};
