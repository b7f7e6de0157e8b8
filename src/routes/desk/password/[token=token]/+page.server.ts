import { Type } from 'typebox';
import { redirect } from '@sveltejs/kit';
import { choosePassword, ownerOfLink } from '$lib/server/accounts/accounts';
import { SHORTEST_PASSWORD } from '$lib/server/access/passwords';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => ({
		owner: await ownerOfLink(locals.db, params.token, locals.now),
		shortest: SHORTEST_PASSWORD
	}));

const read = formReader({
	password: text(200),
	// For the browser's own store of passwords; nothing is done with it.
	email: Type.Optional(text(254))
});

export const actions: Actions = {
	default: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { password } = await read(request);
			await choosePassword(locals.db, { token: params.token, password }, locals.now);
			redirect(303, '/desk/sign-in');
		})
};
