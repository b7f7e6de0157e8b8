import { redirect } from '@sveltejs/kit';
import { clearSession, sessionToken } from '$lib/server/platform/access/session-cookie';
import { signOut } from '$lib/server/platform/access/sessions';
import { writeAuditLine } from '$lib/server/platform/audit/write-audit-line';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ locals, cookies, url }) => {
	const token = sessionToken(cookies, url);
	if (token) await signOut(locals.db, token);
	if (locals.user) await writeAuditLine(locals.db, locals.user, { at: locals.now, act: 'signed-out' });
	clearSession(cookies, url);
	redirect(303, '/desk/sign-in');
};
