import { addPasskey, startPasskeyRegistration } from '$lib/server/platform/access/passkeys';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { requireRelyingParty, readAttestation } from '$lib/server/platform/http/passkey-bodies';
import { requireUser } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** Options for creating a new passkey. */
export const POST: RequestHandler = ({ request, locals }) =>
	withJsonError(async () =>
		Response.json(
			await startPasskeyRegistration(locals.db, requireUser(locals), requireRelyingParty(request), locals.now)
		)
	);

/** Saves the new passkey. */
export const PUT: RequestHandler = ({ request, locals }) =>
	withJsonError(async () => {
		const user = requireUser(locals);
		const input = await readAttestation(request);
		const codes = await addPasskey(locals.db, user, requireRelyingParty(request), input, locals.now);
		return Response.json({ codes }, { status: 201 });
	});
