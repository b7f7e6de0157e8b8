import { readPersonData } from '$lib/server/people/erasure/erase-person';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The same as a machine-readable file. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const everything = await readPersonData(
			locals.db,
			signedIn(locals),
			{ personId: params.id, as: 'exported' },
			locals.now
		);
		return new Response(JSON.stringify(everything, null, '\t'), {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="everything-${params.id}.json"`
			}
		});
	});
