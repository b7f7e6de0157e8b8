import { erasedRowsOf } from '$lib/server/erasure/erase-person';
import { withErrorPage } from '$lib/server/http/error-responses';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** Everything that is known of someone, to be read and printed. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		everything: await erasedRowsOf(locals.db, signedIn(locals), params.id, locals.now)
	}));
