import { readPersonData } from '$lib/server/erasure/erase-person';
import { withErrorPage } from '$lib/server/http/error-responses';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** Everything known about someone, to read and print. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		everything: await readPersonData(
			locals.db,
			signedIn(locals),
			{ personId: params.id, as: 'viewed' },
			locals.now
		)
	}));
