import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { rosterMappingsOf } from '$lib/server/people/roster-mappings';
import { importsOfToday } from '$lib/server/people/undo-import';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		return {
			mappings: await rosterMappingsOf(locals.db, actor),
			imports: await importsOfToday(locals.db, actor, locals.now)
		};
	});
