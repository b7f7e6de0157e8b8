import { orErrorPage } from '$lib/server/http/answer-fault';
import { rosterMappingsOf } from '$lib/server/people/roster-mappings';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => ({ mappings: await rosterMappingsOf(locals.db, signedIn(locals)) }));
