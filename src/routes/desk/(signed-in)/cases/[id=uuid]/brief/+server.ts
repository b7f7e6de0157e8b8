import { readCaseBrief } from '$lib/server/cases/case-brief';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { DomainError } from '$lib/server/platform/domain-error';
import type { RequestHandler } from './$types';

/** What the day sheet shows about a case next to its list. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		if (!locals.user) throw new DomainError('not-allowed', 'sessionEnded');
		return Response.json(await readCaseBrief(locals.db, locals.user, params.id, locals.now));
	});
