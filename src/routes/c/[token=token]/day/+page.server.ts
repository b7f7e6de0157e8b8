import { Type } from 'typebox';
import { BREAK_SCHEDULES, STANDING_SHARES } from '$lib/core/breaks/break-schedules';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { yesNo } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { chooseBreakSchedule, shareBreakWeeks } from '$lib/server/breaks/choose-break-schedule';
import { loadBreaksPage } from '$lib/server/breaks/breaks-page';
import { workstationViews } from '$lib/server/breaks/workstation-views';
import type { Actions, PageServerLoad } from './$types';

/** The day, and what each workstation looks like from the side. */
export const load: PageServerLoad = async (event) => ({
	...(await loadBreaksPage(event)),
	views: await withErrorPage(async () =>
		workstationViews(event.locals.db, await openAssessment(event.locals.db, event.params.token))
	)
});

const readChoice = formReader({
	breakSchedule: Type.Enum(['', ...BREAK_SCHEDULES]),
	share: Type.Optional(Type.Enum(STANDING_SHARES))
});

const readShare = formReader({ shared: yesNo });

export const actions: Actions = {
	choose: ({ request, locals, params }) =>
		withFormError(async () => {
			const { breakSchedule, share = 'moving' } = await readChoice(request);
			const open = await openAssessment(locals.db, params.token);
			await chooseBreakSchedule(locals.db, open, { breakSchedule: breakSchedule || null, share });
			return { chosen: true };
		}),

	share: ({ request, locals, params }) =>
		withFormError(async () => {
			const { shared } = await readShare(request);
			const open = await openAssessment(locals.db, params.token);
			await shareBreakWeeks(locals.db, open, shared === 'yes', locals.now);
			return { shared: true };
		})
};
