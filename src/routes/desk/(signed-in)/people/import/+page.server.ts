import { withErrorPage } from '$lib/server/http/error-responses';
import { rosterMappingsOf } from '$lib/server/people/roster-mappings';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({ mappings: await rosterMappingsOf(locals.db, signedIn(locals)) }));
