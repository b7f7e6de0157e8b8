import { everythingOf } from '$lib/server/erasure/erase-person';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { RequestHandler } from './$types';

/** The same as a file that programs read. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		const everything = await everythingOf(locals.db, signedIn(locals), params.id, locals.now);
		return new Response(JSON.stringify(everything, null, '\t'), {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="everything-${params.id}.json"`
			}
		});
	});
