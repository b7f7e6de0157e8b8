import { redirect } from '@sveltejs/kit';
import { grantFor } from '$lib/server/platform/access/require-permission';
import { isoDay } from '$lib/server/platform/clock';
import { readReferralWords } from '$lib/server/cases/case-forms';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { readLetterhead } from '$lib/server/platform/organisation/read-organisation';
import { endReferral, writeOnReferral } from '$lib/server/cases/referrals/answer-referral';
import { readReferral } from '$lib/server/cases/referrals/read-referral';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		today: isoDay(locals.now, locals.timeZone),
		letterhead: await readLetterhead(locals.db),
		referral: await readReferral(locals.db, signedIn(locals), params.id, locals.now)
	}));

export const actions: Actions = {
	writeReferral: ({ request, locals, params }) =>
		withFormError(async () => {
			const { key, text } = await readReferralWords(request);
			const words = { key, text, referralId: params.id };
			await writeOnReferral(locals.db, signedIn(locals), words, locals.now);
			return { done: true };
		}),

	endReferral: ({ request, locals, params }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { key, text } = await readReferralWords(request);
			await endReferral(locals.db, actor, { key, text, referralId: params.id }, locals.now);
			// From here on the clinician no longer sees the case.
			if (grantFor(actor, 'referrals:read') === 'own') redirect(303, '/desk');
			return { done: true };
		})
};
