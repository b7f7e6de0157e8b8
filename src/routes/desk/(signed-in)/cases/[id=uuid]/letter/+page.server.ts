import { requireCase } from '$lib/server/cases/require-case';
import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { readLetterhead } from '$lib/server/platform/organisation/read-organisation';
import { openReferralOf } from '$lib/server/cases/referrals/open-referral';
import { referralLetterOf } from '$lib/server/cases/referrals/referral-letter';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

/** The letter as a clinician would get it, as a preview, and for printing where the clinician has no account. */
export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const writer = await requireCase(locals.db, signedIn(locals), params.id, 'cases:read');
		const open = await openReferralOf(locals.db, params.id);
		return {
			today: isoDay(locals.now, locals.timeZone),
			letterhead: await readLetterhead(locals.db),
			letter: await referralLetterOf(locals.db, params.id, open, writer)
		};
	});
