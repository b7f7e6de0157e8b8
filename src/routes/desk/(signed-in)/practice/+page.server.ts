import { redirect } from '@sveltejs/kit';
import type { CivilDate } from '$lib/core/calendar';
import { isoDay } from '$lib/server/clock';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { listPracticeRounds, startPractice } from '$lib/server/practice/practice-rounds';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({
		rounds: (await listPracticeRounds(locals.db, signedIn(locals))).map(
			({ id, startedAt, answeredAt, orderShare, rightActs, missed }) => ({
				id,
				startedAt,
				answeredAt,
				orderShare,
				rightActs,
				missed
			})
		)
	}));

export const actions: Actions = {
	start: ({ locals }) =>
		withFormError(async () => {
			const today = isoDay(locals.now, locals.timeZone) as CivilDate;
			const id = await startPractice(locals.db, signedIn(locals), today, locals.now);
			redirect(303, `/desk/practice/${id}`);
		})
};
