import { redirect } from '@sveltejs/kit';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { listPracticeRounds, startPractice } from '$lib/server/cases/practice/practice-rounds';
import {
	askSecondOpinion,
	colleaguesOf,
	listSecondOpinions
} from '$lib/server/cases/second-opinions/second-opinions';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({
		opinions: await listSecondOpinions(locals.db, signedIn(locals)),
		colleagues: await colleaguesOf(locals.db, signedIn(locals)),
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

const readAsk = formReader({ colleague: uuid });

export const actions: Actions = {
	ask: ({ request, locals }) =>
		withFormError(async () => {
			const { colleague } = await readAsk(request);
			const id = await askSecondOpinion(locals.db, signedIn(locals), colleague, locals.now);
			redirect(303, `/desk/practice/second-opinion/${id}`);
		}),

	start: ({ locals }) =>
		withFormError(async () => {
			const today = isoDay(locals.now, locals.timeZone) as CivilDate;
			const id = await startPractice(locals.db, signedIn(locals), today, locals.now);
			redirect(303, `/desk/practice/${id}`);
		})
};
