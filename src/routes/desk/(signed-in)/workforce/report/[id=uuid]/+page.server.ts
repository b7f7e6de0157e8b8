import { withErrorPage } from '$lib/server/http/error-responses';
import { readLetterhead } from '$lib/server/organisation/read-organisation';
import { signedIn } from '$lib/server/signed-in';
import { readReport } from '$lib/server/workforce/create-report';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { id, madeAt, document } = await readReport(locals.db, signedIn(locals), params.id);
		return { id, madeAt, report: document, letterhead: await readLetterhead(locals.db) };
	});
