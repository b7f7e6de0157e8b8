import { Type } from 'typebox';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { areRemindersStopped, setReminders } from '$lib/server/people/set-reminders';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		return { isStopped: await areRemindersStopped(locals.db, actor.personId) };
	});

/** From the page, or from a mail program that stops emails with one request (RFC 8058). */
const read = formReader({
	wish: Type.Optional(Type.Enum(['stop', 'resume'])),
	'List-Unsubscribe': Type.Optional(Type.Literal('One-Click'))
});

export const actions: Actions = {
	default: ({ request, locals, params }) =>
		withFormError(async () => {
			const { wish } = await read(request);
			const { actor } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
			await setReminders(locals.db, actor, wish !== 'resume', locals.now);
			return { done: wish ?? 'stop' };
		})
};
