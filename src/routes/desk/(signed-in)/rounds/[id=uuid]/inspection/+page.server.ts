import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { roundInspectionRecord } from '$lib/server/cases/inspection/round-record';
import { readLetterhead } from '$lib/server/platform/organisation/read-organisation';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		record: await roundInspectionRecord(locals.db, signedIn(locals), params.id),
		letterhead: await readLetterhead(locals.db),
		today: isoDay(locals.now, locals.timeZone)
	}));
