import { redirect } from '@sveltejs/kit';
import { checkCorner } from '$lib/core/checks';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { markSeen, markUnseen } from '$lib/server/cases/read-case';
import { isoDay } from '$lib/server/clock';
import { finishFollowUp } from '$lib/server/follow-ups/set-follow-up';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { personSchema } from '$lib/server/http/person-schema';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const today = isoDay(locals.now, locals.config.timeZone);
		const sheet = await readDaySheet(locals.db, signedIn(locals), today);
		return {
			today,
			waiting: sheet.waiting,
			due: sheet.due.map(({ corner, ...line }) => ({ ...line, checks: corner ? checkCorner(corner) : [] })),
			fresh: sheet.fresh.map(({ corner, ...line }) => ({
				...line,
				checks: corner ? checkCorner(corner) : []
			}))
		};
	});

const read = formReader<{ person: string }>(personSchema);

export const actions: Actions = {
	seen: ({ request, locals }) =>
		orFailedForm(async () => {
			const { person } = await read(request);
			await markSeen(locals.db, signedIn(locals), person, locals.now);
			return { undo: person };
		}),

	unseen: ({ request, locals }) =>
		orFailedForm(async () => {
			const { person } = await read(request);
			await markUnseen(locals.db, signedIn(locals), person);
			redirect(303, '/desk');
		}),

	done: ({ request, locals }) =>
		orFailedForm(async () => {
			const { person } = await read(request);
			await finishFollowUp(locals.db, signedIn(locals), person, locals.now);
			redirect(303, '/desk');
		})
};
