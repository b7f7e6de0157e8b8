import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import { readReport } from '$lib/server/workforce/make-report';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { id, madeAt, document } = await readReport(locals.db, signedIn(locals), params.id);
		return { id, madeAt, report: document };
	});
