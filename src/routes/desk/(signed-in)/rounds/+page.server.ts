import { listRounds } from '$lib/server/people/rounds/read-rounds';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({ rounds: await listRounds(locals.db, signedIn(locals)) }));
