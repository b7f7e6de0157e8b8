import { redirect } from '@sveltejs/kit';
import { providerReasonIn } from '$lib/server/platform/access/provider';
import { signIn } from '$lib/server/platform/access/sign-in';
import { deviceToken, setSession } from '$lib/server/platform/access/session-cookie';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { Type } from 'typebox';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions, PageServerLoad } from './$types';

const read = formReader({
	email: Type.String({ minLength: 1, maxLength: 254 }),
	password: Type.String({ minLength: 1, maxLength: 200 })
});

export const load: PageServerLoad = ({ locals, url }) => {
	if (locals.user) redirect(303, '/desk');
	const demo =
		locals.config.mode === 'production'
			? null
			: {
					emails: ['coordinator', 'second', 'clinician', 'reader'].map((who) => `${who}@lanterns.example`),
					password: 'tarn-valley-demo'
				};
	return {
		demo,
		providerName: locals.config.identity?.name ?? null,
		why: providerReasonIn(url)
	};
};

export const actions: Actions = {
	default: ({ request, locals, cookies, url, getClientAddress }) =>
		withFormError(async () => {
			const input = await read(request);
			const signedIn = await signIn(
				locals.db,
				{
					...input,
					origin: getClientAddress(),
					device: request.headers.get('user-agent') ?? '',
					deviceToken: deviceToken(cookies, url)
				},
				locals.now
			);
			setSession(cookies, url, signedIn);
			redirect(303, signedIn.needsCode ? '/desk/sign-in/code' : '/desk');
		})
};
