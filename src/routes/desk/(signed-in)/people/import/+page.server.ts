import { needCoordinator } from '$lib/server/actor';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(() => Promise.resolve().then(() => void needCoordinator(signedIn(locals))));
