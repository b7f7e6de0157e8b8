import { redirect } from '@sveltejs/kit';
import { sessionsOf, signOutElsewhere } from '$lib/server/accounts/accounts';
import { SESSION_COOKIE } from '$lib/server/access/session-cookie';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, cookies }) =>
	orErrorPage(async () => {
		if (!locals.user) redirect(303, '/desk/sign-in');
		return { sessions: await sessionsOf(locals.db, locals.user, cookies.get(SESSION_COOKIE) ?? '') };
	});

export const actions: Actions = {
	elsewhere: ({ locals, cookies }) =>
		orFailedForm(async () => {
			if (!locals.user) redirect(303, '/desk/sign-in');
			await signOutElsewhere(locals.db, locals.user, cookies.get(SESSION_COOKIE) ?? '');
			return { done: true };
		})
};
