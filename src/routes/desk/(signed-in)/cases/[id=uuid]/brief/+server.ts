import { readBrief } from '$lib/server/cases/case-brief';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { Fault } from '$lib/server/fault';
import type { RequestHandler } from './$types';

/** What the day sheet shows of a case beside its list. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		if (!locals.user) throw new Fault('not-allowed', 'sessionEnded');
		return Response.json(await readBrief(locals.db, locals.user, params.id, locals.now));
	});
