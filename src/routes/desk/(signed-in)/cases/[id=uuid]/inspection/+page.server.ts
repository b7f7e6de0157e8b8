import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { personInspectionRecord } from '$lib/server/cases/inspection/person-record';
import { readLetterhead } from '$lib/server/platform/organisation/read-organisation';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		record: await personInspectionRecord(locals.db, signedIn(locals), params.id, locals.now),
		letterhead: await readLetterhead(locals.db),
		today: isoDay(locals.now, locals.timeZone)
	}));
