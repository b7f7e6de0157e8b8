import { everythingOf } from '$lib/server/erasure/erase-person';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** Everything that is known of somebody, to be read and printed. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => ({
		everything: await everythingOf(locals.db, signedIn(locals), params.id, locals.now)
	}));
