import { MAIN_RHYTHM } from '$lib/core/moving/rhythm';
import { redirect } from '@sveltejs/kit';
import { DEFAULT_WAY } from '$lib/core/guidance';
import { letterTextsFor } from '$lib/messages/letters';
import { addDays, isoDay } from '$lib/server/clock';
import { makeRound } from '$lib/server/rounds/make-round';
import { readRoundForm, roundOfForm } from '$lib/server/rounds/round-form';
import { countriesOf, teamsOf } from '$lib/server/people/list-people';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** Days that a round is open as offered. Ours: the last reminder comes after three weeks. */
const USUAL_DAYS = 28;

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const today = isoDay(locals.now, locals.config.timeZone);
		const letter = letterTextsFor();
		return {
			teams: await teamsOf(locals.db, actor),
			countries: await countriesOf(locals.db, actor),
			round: {
				name: '',
				filter: { teams: [], country: '', notAnsweredWithinDays: 0 },
				way: DEFAULT_WAY,
				route: 'short' as const,
				rhythm: MAIN_RHYTHM,
				subject: letter.subject,
				body: letter.body('{name}', '{until}'),
				startsOn: today,
				dueOn: addDays(today, USUAL_DAYS),
				timeZone: locals.config.timeZone
			}
		};
	});

export const actions: Actions = {
	default: ({ request, locals }) =>
		orFailedForm(async () => {
			const input = roundOfForm(await readRoundForm(request));
			const id = await makeRound(locals.db, signedIn(locals), input, locals.now);
			redirect(303, `/desk/rounds/${id}`);
		})
};
