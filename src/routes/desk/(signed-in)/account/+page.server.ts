import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { isPermitted } from '$lib/core/platform/access/permissions';
import { listPasskeys } from '$lib/server/platform/access/passkeys';
import { countRecoveryCodes } from '$lib/server/platform/access/second-factor';
import { endSessions } from '$lib/server/platform/access/sessions';
import { changePassword, listSessions } from '$lib/server/platform/accounts/accounts';
import { setDeskLanguage } from '$lib/server/platform/accounts/set-desk-language';
import { DESK_LANGUAGES } from '$lib/messages/desk-language';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { ownSession } from '$lib/server/platform/signed-in';
import { MIN_PASSWORD_LENGTH } from '$lib/server/platform/access/passwords';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const session = ownSession(locals);
		return {
			sessions: await listSessions(locals.db, session),
			language: session.language,
			isCoordinator: isPermitted(session.user.role, 'cases:act'),
			hasCode: session.hasCode,
			passkeys: (await listPasskeys(locals.db, session.user.id)).length,
			recoveryLeft: await countRecoveryCodes(locals.db, session.user),
			shortest: MIN_PASSWORD_LENGTH
		};
	});

const readLanguage = formReader({ language: Type.Enum([...DESK_LANGUAGES]) });
const readPassword = formReader({ current: text(200), password: text(200) });

export const actions: Actions = {
	elsewhere: ({ locals }) =>
		withFormError(async () => {
			const { user, hash } = ownSession(locals);
			await endSessions(locals.db, user.id, hash);
			return { done: true };
		}),

	language: ({ request, locals }) =>
		withFormError(async () => {
			const { language } = await readLanguage(request);
			await setDeskLanguage(locals.db, ownSession(locals).user, language, locals.now);
			// The whole page is written again: every text on it is in the old language.
			redirect(303, '/desk/account');
		}),

	password: ({ request, locals }) =>
		withFormError(async () => {
			await changePassword(locals.db, ownSession(locals), await readPassword(request), locals.now);
			return { changed: true };
		})
};
