import { DEFAULT_BREAK_SCHEDULE } from '$lib/core/breaks/break-schedules';
import { redirect } from '@sveltejs/kit';
import { DEFAULT_SITTING_STYLE } from '$lib/core/body/guidance/sitting-styles';
import { emailTextsFor } from '$lib/messages/emails';
import { DEFAULT_LANGUAGE, languageOf } from '$lib/messages/languages';
import { ownTextOf } from '$lib/server/platform/texts/read-own-text';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import { addIsoDays, isoDay } from '$lib/server/platform/clock';
import { createRound } from '$lib/server/people/rounds/edit-rounds';
import { readRoundForm, roundOfForm } from '$lib/server/people/rounds/round-form';
import { reminderDaysNow } from '$lib/server/people/rounds/remind-unanswered';
import { teamsAndCountriesOf } from '$lib/server/people/list-people';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** Days that a new round is open by default. Our assumption: the last reminder comes after three weeks. */
const USUAL_DAYS = 28;

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const today = isoDay(locals.now, locals.timeZone);
		const usual =
			(await ownTextOf(locals.db, 'round', languageOf(DEFAULT_LANGUAGE))) ?? emailTextsFor().round;
		return {
			...(await teamsAndCountriesOf(locals.db, actor)),
			organisation: await readOrganisation(locals.db),
			reminderDays: await reminderDaysNow(locals.db),
			round: {
				name: '',
				filter: { teams: [], country: '', notAnsweredWithinDays: 0 },
				sittingStyle: DEFAULT_SITTING_STYLE,
				questionnaireMode: 'short' as const,
				breakSchedule: DEFAULT_BREAK_SCHEDULE,
				subject: usual.subject,
				body: usual.body,
				startsOn: today,
				dueOn: addIsoDays(today, USUAL_DAYS),
				timeZone: locals.timeZone
			}
		};
	});

export const actions: Actions = {
	default: ({ request, locals }) =>
		withFormError(async () => {
			const input = roundOfForm(await readRoundForm(request));
			const id = await createRound(locals.db, signedIn(locals), input, locals.now);
			redirect(303, `/desk/rounds/${id}`);
		})
};
