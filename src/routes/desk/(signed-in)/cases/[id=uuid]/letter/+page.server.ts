import { needCase } from '$lib/server/cases/need-case';
import { isoDay } from '$lib/server/clock';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { openReferralOf } from '$lib/server/referrals/open-referral';
import { letterOf } from '$lib/server/referrals/referral-letter';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** The letter as a clinician would get it, to be looked at before, and printed for who has no account. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const writer = await needCase(locals.db, signedIn(locals), params.id, 'cases:read');
		const open = await openReferralOf(locals.db, params.id);
		return {
			today: isoDay(locals.now, locals.config.timeZone),
			letter: await letterOf(locals.db, params.id, open, writer)
		};
	});
