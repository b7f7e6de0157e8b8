import { Type } from 'typebox';
import { absencePage, handOver, setAbsence } from '$lib/server/platform/accounts/absence';
import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { day, uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => absencePage(locals.db, signedIn(locals), isoDay(locals.now, locals.timeZone)));

const readAway = formReader({ userId: uuid, from: day, until: day, standInId: uuid });
const readBack = formReader({ userId: uuid });
const readHand = formReader({
	fromId: uuid,
	toId: Type.Union([Type.Literal(''), uuid]),
	expected: Type.String({ pattern: '^[0-9]{1,7}$' }),
	key: uuid
});

export const actions: Actions = {
	away: ({ request, locals }) =>
		withFormError(async () => {
			const { userId, ...absence } = await readAway(request);
			const today = isoDay(locals.now, locals.timeZone);
			await setAbsence(locals.db, signedIn(locals), { userId, absence }, today, locals.now);
			return { saved: true };
		}),

	back: ({ request, locals }) =>
		withFormError(async () => {
			const { userId } = await readBack(request);
			const today = isoDay(locals.now, locals.timeZone);
			await setAbsence(locals.db, signedIn(locals), { userId, absence: null }, today, locals.now);
			return { saved: true };
		}),

	hand: ({ request, locals }) =>
		withFormError(async () => {
			const { toId, expected, ...rest } = await readHand(request);
			const input = { ...rest, toId: toId === '' ? null : toId, expected: Number(expected) };
			return { handed: await handOver(locals.db, signedIn(locals), input, locals.now) };
		})
};
