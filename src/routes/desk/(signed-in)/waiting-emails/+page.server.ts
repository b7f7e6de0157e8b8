import { Type } from 'typebox';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text, uuid, version } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { organisationDay, readDailyLimit, setDailyLimit } from '$lib/server/mail-brake/daily-limit';
import { heldEmails, releaseHeld } from '$lib/server/mail-brake/release-held';
import { readUndelivered, sendAgain } from '$lib/server/post/undelivered';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const today = await organisationDay(locals.db, locals.now);
		const [held, undelivered, limit] = await Promise.all([
			heldEmails(locals.db, signedIn(locals), today),
			readUndelivered(locals.db, signedIn(locals), locals.now),
			readDailyLimit(locals.db, locals.now)
		]);
		return { held, undelivered, limit };
	});

const readAgain = formReader({ letter: Type.Optional(uuid) });
const readRelease = formReader({
	kind: text(20),
	expected: text(7),
	team: Type.Optional(Type.String({ maxLength: 80 }))
});
const readLimit = formReader({ perDay: text(7), version });

export const actions: Actions = {
	release: ({ request, locals }) =>
		orFailedForm(async () => {
			const { kind, expected, team } = await readRelease(request);
			const input = { kind, expected: Number(expected), team: team ?? null };
			const released = await releaseHeld(locals.db, signedIn(locals), input, locals.now);
			locals.wake('due');
			return { released };
		}),

	again: ({ request, locals }) =>
		orFailedForm(async () => {
			const { letter } = await readAgain(request);
			const again = await sendAgain(locals.db, signedIn(locals), { id: letter ?? null }, locals.now);
			locals.wake('letters');
			return { again };
		}),

	limit: ({ request, locals }) =>
		orFailedForm(async () => {
			const { perDay, version: seen } = await readLimit(request);
			const input = { perDay: Number(perDay.replace(/[\s,.]/g, '') || Number.NaN), version: Number(seen) };
			await setDailyLimit(locals.db, signedIn(locals), input, locals.now);
			locals.wake('due');
			return { limitSet: true };
		})
};
