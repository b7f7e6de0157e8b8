import type { Cookies } from '@sveltejs/kit';

/** Name of the cookie that holds a session's token. */
export const SESSION_COOKIE = 'easy_corner_session';

/** Gives the browser its session: not readable by scripts, not sent from other sites, over HTTPS only where there is HTTPS. */
export function setSessionCookie(cookies: Cookies, url: URL, token: string, expires: Date): void {
	cookies.set(SESSION_COOKIE, token, {
		path: '/',
		httpOnly: true,
		sameSite: 'lax',
		secure: url.protocol === 'https:',
		expires
	});
}
