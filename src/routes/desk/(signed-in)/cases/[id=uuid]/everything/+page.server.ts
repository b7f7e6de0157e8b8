import { readPersonDocument } from '$lib/server/questionnaire/privacy/person-document';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

/** Everything known about someone, to read and print. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(() => readPersonDocument(locals.db, signedIn(locals), params.id, locals.now));
