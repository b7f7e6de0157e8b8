import { passkeysOf } from '$lib/server/access/passkeys';
import { recoveryLeft } from '$lib/server/access/second-factor';
import { endSessions } from '$lib/server/access/sessions';
import { changePassword, sessionsOf } from '$lib/server/accounts/accounts';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { ownSession } from '$lib/server/signed-in';
import { SHORTEST_PASSWORD } from '$lib/server/access/passwords';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const session = ownSession(locals);
		return {
			sessions: await sessionsOf(locals.db, session),
			hasCode: session.hasCode,
			passkeys: (await passkeysOf(locals.db, session.user.id)).length,
			recoveryLeft: await recoveryLeft(locals.db, session.user),
			shortest: SHORTEST_PASSWORD
		};
	});

const readPassword = formReader({ current: text(200), password: text(200) });

export const actions: Actions = {
	elsewhere: ({ locals }) =>
		orFailedForm(async () => {
			const { user, hash } = ownSession(locals);
			await endSessions(locals.db, user.id, hash);
			return { done: true };
		}),

	password: ({ request, locals }) =>
		orFailedForm(async () => {
			await changePassword(locals.db, ownSession(locals), await readPassword(request), locals.now);
			locals.wake('letters');
			return { changed: true };
		})
};
