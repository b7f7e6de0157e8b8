import { listRounds } from '$lib/server/rounds/read-rounds';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => ({ rounds: await listRounds(locals.db, signedIn(locals)) }));
