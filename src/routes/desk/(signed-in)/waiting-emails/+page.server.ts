import { Type } from 'typebox';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { organisationDay, readDailyLimit, setDailyLimit } from '$lib/server/platform/email-hold/daily-limit';
import { cancelHeld, heldEmails, releaseHeld } from '$lib/server/platform/email-hold/held-emails';
import { readUndelivered, sendAgain } from '$lib/server/platform/email/undelivered';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const today = await organisationDay(locals.db, locals.now);
		const [held, undelivered, limit] = await Promise.all([
			heldEmails(locals.db, signedIn(locals), today),
			readUndelivered(locals.db, signedIn(locals), locals.now),
			readDailyLimit(locals.db, locals.now)
		]);
		return { held, undelivered, limit };
	});

const readAgain = formReader({ email: Type.Optional(uuid) });
const readDecision = formReader({
	kind: text(20),
	expected: text(7),
	team: Type.Optional(Type.String({ maxLength: 80 }))
});
const readLimit = formReader({ perDay: text(7), version });

export const actions: Actions = {
	release: ({ request, locals }) =>
		withFormError(async () => {
			const { expected, ...of } = await readDecision(request);
			const decision = { ...of, expected: Number(expected) };
			const released = await releaseHeld(locals.db, signedIn(locals), decision, locals.now);
			return { released };
		}),

	cancel: ({ request, locals }) =>
		withFormError(async () => {
			const { expected, ...of } = await readDecision(request);
			const decision = { ...of, expected: Number(expected) };
			const cancelled = await cancelHeld(locals.db, signedIn(locals), decision, locals.now);
			return { cancelled };
		}),

	again: ({ request, locals }) =>
		withFormError(async () => {
			const { email } = await readAgain(request);
			const again = await sendAgain(locals.db, signedIn(locals), { id: email ?? null }, locals.now);
			return { again };
		}),

	limit: ({ request, locals }) =>
		withFormError(async () => {
			const { perDay, version: seen } = await readLimit(request);
			const input = { perDay: Number(perDay.replace(/[\s,.]/g, '') || Number.NaN), version: Number(seen) };
			await setDailyLimit(locals.db, signedIn(locals), input, locals.now);
			return { limitSet: true };
		})
};
