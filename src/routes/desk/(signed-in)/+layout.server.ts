import { error, redirect } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import { permissionFor } from '$lib/server/platform/access/desk-routes';
import { refusalFor } from '$lib/server/platform/access/require-permission';
import { readSettings } from '$lib/server/platform/organisation-settings/read-settings';
import type { LayoutServerLoad } from './$types';

/**
 * Shows the frame to signed-in users, and refuses the page to a role that may not open it. Each use case also checks the permission itself,
 * since a page's own load may run in parallel.
 */
export const load: LayoutServerLoad = async ({ locals, route, url }) => {
	if (!locals.user) redirect(303, '/desk/sign-in');
	if (locals.isDenied) {
		const permission = permissionFor({ route: route.id, method: 'GET', query: url.searchParams });
		error(403, { message: errorText(permission ? refusalFor(permission) : 'forCoordinators') });
	}
	return {
		userName: locals.user.name,
		role: locals.user.role,
		unit: locals.unit,
		hasPost: locals.config.mode !== 'production',
		timeZone: locals.timeZone,
		path: url.pathname,
		/** Sitting styles and break schedules to choose from. */
		choices: (await readSettings(locals.db, 'choices')).settings
	};
};
