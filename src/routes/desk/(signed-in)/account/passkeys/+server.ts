import { addPasskey, offerPasskey } from '$lib/server/access/passkeys';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { needParty, readAttestation } from '$lib/server/http/passkey-bodies';
import { needUser } from '$lib/server/signed-in';
import type { RequestHandler } from './$types';

/** What a device makes a new passkey of. */
export const POST: RequestHandler = ({ request, locals }) =>
	orJsonFault(async () =>
		Response.json(await offerPasskey(locals.db, needUser(locals), needParty(request), locals.now))
	);

/** Keeps the new passkey. */
export const PUT: RequestHandler = ({ request, locals }) =>
	orJsonFault(async () => {
		const user = needUser(locals);
		const input = await readAttestation(request);
		const codes = await addPasskey(locals.db, user, needParty(request), input, locals.now);
		locals.wake('letters');
		return Response.json({ codes }, { status: 201 });
	});
