import { Type } from 'typebox';
import { redirect } from '@sveltejs/kit';
import { setPasswordByLink, accountOfLink } from '$lib/server/platform/accounts/accounts';
import { MIN_PASSWORD_LENGTH } from '$lib/server/platform/access/passwords';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		owner: await accountOfLink(locals.db, params.token, locals.now),
		shortest: MIN_PASSWORD_LENGTH
	}));

const read = formReader({
	password: text(200),
	// For the browser's password store; nothing else reads it.
	email: Type.Optional(text(254))
});

export const actions: Actions = {
	default: ({ request, locals, params }) =>
		withFormError(async () => {
			const { password } = await read(request);
			await setPasswordByLink(locals.db, { token: params.token, password }, locals.now);
			redirect(303, '/desk/sign-in');
		})
};
