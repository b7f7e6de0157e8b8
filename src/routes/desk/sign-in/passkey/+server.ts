import { startPasskeySignIn, verifyPasskeySignIn } from '$lib/server/platform/access/passkeys';
import { deviceToken, sessionToken, setSession } from '$lib/server/platform/access/session-cookie';
import { signOut } from '$lib/server/platform/access/sessions';
import { safeRedirect } from '$lib/server/platform/access/safe-redirect';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { requireRelyingParty, readAssertion } from '$lib/server/platform/http/passkey-bodies';
import type { RequestHandler } from './$types';

/** The challenge that a device has to sign. */
export const POST: RequestHandler = ({ request, locals }) =>
	withJsonError(async () =>
		Response.json(await startPasskeySignIn(locals.db, requireRelyingParty(request), locals.now))
	);

/** Signs in with the signed challenge, or gives the session what it still lacks. */
export const PUT: RequestHandler = ({ request, locals, cookies, url, getClientAddress }) =>
	withJsonError(async () => {
		const { db, session, now } = locals;
		const begun = await verifyPasskeySignIn(
			db,
			{
				party: requireRelyingParty(request),
				response: await readAssertion(request),
				session,
				browser: { device: request.headers.get('user-agent') ?? '', deviceToken: deviceToken(cookies, url) },
				origin: getClientAddress()
			},
			now
		);
		if (begun) {
			const before = sessionToken(cookies, url);
			if (before) await signOut(db, before);
			setSession(cookies, url, begun);
		}
		return Response.json({ to: safeRedirect(url) });
	});
