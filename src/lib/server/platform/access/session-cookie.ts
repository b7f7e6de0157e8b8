import type { Cookies } from '@sveltejs/kit';
import { Type } from 'typebox';
import { compileSchema } from '../../../core/platform/schema/compile-schema';
import { text } from '../http/fields';
import type { SignedIn } from './start-session';
import type { ProviderFlow } from './provider';
import { DESK_HOME } from './safe-redirect';

/** Over HTTPS, a cookie with this name prefix can be set by this host only (RFC 6265bis, from memory). */
const nameOf = (url: URL, name: string) => (url.protocol === 'https:' ? `__Host-${name}` : name);

/** Name of the session cookie without HTTPS. */
export const SESSION_COOKIE = 'easy_corner_session';
const DEVICE = 'easy_corner_device';
const FLOW = 'easy_corner_flow';

/** Time someone may be away at the organisation's sign-in, s. Our assumption. */
const FLOW_S = 600;

/** A browser stays known for this long after its last use, s. Our assumption. */
const DEVICE_S = 180 * 24 * 3600;

/** Not readable by scripts, not sent from other sites, and over HTTPS only where there is HTTPS. */
const safely = (url: URL) =>
	({ path: '/', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' }) as const;

/** The session token of a browser, if it has one. */
export const sessionToken = (cookies: Cookies, url: URL) => cookies.get(nameOf(url, SESSION_COOKIE));

/** The token by which a browser is recognised at the next sign-in. */
export const deviceToken = (cookies: Cookies, url: URL) => cookies.get(nameOf(url, DEVICE));

/** Sets a browser's session cookie, and the one by which it is recognised. */
export function setSession(cookies: Cookies, url: URL, signedIn: SignedIn): void {
	cookies.set(nameOf(url, SESSION_COOKIE), signedIn.token, { ...safely(url), expires: signedIn.expiresAt });
	cookies.set(nameOf(url, DEVICE), signedIn.deviceToken, { ...safely(url), maxAge: DEVICE_S });
}

const checkFlow = compileSchema<ProviderFlow>(
	Type.Object(
		{
			state: text(200),
			nonce: text(200),
			verifier: text(200),
			to: Type.String({ maxLength: 2000, pattern: DESK_HOME }),
			isAnew: Type.Boolean()
		},
		{ additionalProperties: false }
	)
);

/** Sets the cookie that a browser needs when it returns from the organisation's sign-in. */
export function setProviderFlow(cookies: Cookies, url: URL, flow: ProviderFlow): void {
	cookies.set(nameOf(url, FLOW), JSON.stringify(flow), { ...safely(url), maxAge: FLOW_S });
}

/** Reads and clears the cookie set on leaving for the organisation's sign-in. Null where there is none. */
export function takeProviderFlow(cookies: Cookies, url: URL): ProviderFlow | null {
	const kept = cookies.get(nameOf(url, FLOW));
	cookies.delete(nameOf(url, FLOW), safely(url));
	try {
		const flow = checkFlow(JSON.parse(kept ?? 'null'));
		return flow.ok ? flow.value : null;
	} catch (thrown) {
		if (thrown instanceof SyntaxError) return null;
		throw thrown;
	}
}

/** Clears a browser's session; the browser stays known. */
export function clearSession(cookies: Cookies, url: URL): void {
	cookies.delete(nameOf(url, SESSION_COOKIE), safely(url));
}
