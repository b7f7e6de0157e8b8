import { redirect } from '@sveltejs/kit';
import { SESSION_COOKIE } from '$lib/server/access/session-cookie';
import { signOut } from '$lib/server/access/sign-in';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ locals, cookies }) => {
	const token = cookies.get(SESSION_COOKIE);
	if (token) await signOut(locals.db, token);
	cookies.delete(SESSION_COOKIE, { path: '/' });
	redirect(303, '/desk/sign-in');
};
