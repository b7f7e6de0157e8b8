import type { Cookies } from '@sveltejs/kit';
import { Type } from 'typebox';
import { compileSchema } from '../../core/schema';
import { text } from '../http/fields';
import type { SignedIn } from './start-session';
import type { ProviderFlow } from './provider';
import { DESK_HOME } from './safe-redirect';

/** Over HTTPS a cookie whose name begins so can be set by this very host alone (RFC 6265bis, from memory). */
const nameOf = (url: URL, name: string) => (url.protocol === 'https:' ? `__Host-${name}` : name);

/** Name of the cookie that holds a session's token, without HTTPS. */
export const SESSION_COOKIE = 'easy_corner_session';
const DEVICE = 'easy_corner_device';
const FLOW = 'easy_corner_flow';

/** So long someone may be away at the organisation's own sign-in, s. Our assumption. */
const FLOW_S = 600;

/** A browser is known for so long after it was used, s. Our assumption. */
const DEVICE_S = 180 * 24 * 3600;

/** Not readable by scripts, not sent from other sites, over HTTPS only where there is HTTPS. */
const safely = (url: URL) =>
	({ path: '/', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' }) as const;

/** The token of a browser's session, if it has one. */
export const sessionToken = (cookies: Cookies, url: URL) => cookies.get(nameOf(url, SESSION_COOKIE));

/** What a browser keeps so that it is known when someone signs in again. */
export const deviceToken = (cookies: Cookies, url: URL) => cookies.get(nameOf(url, DEVICE));

/** Gives a browser its session, and what it is known by. */
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

/** Gives a browser what it comes back with from the organisation's own sign-in. */
export function setProviderFlow(cookies: Cookies, url: URL, flow: ProviderFlow): void {
	cookies.set(nameOf(url, FLOW), JSON.stringify(flow), { ...safely(url), maxAge: FLOW_S });
}

/** Takes what a browser was given when it left for the organisation's own sign-in: once. Null where it has nothing of the kind. */
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

/** Takes a browser's session away; it stays known. */
export function clearSession(cookies: Cookies, url: URL): void {
	cookies.delete(nameOf(url, SESSION_COOKIE), safely(url));
}
