import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { confirmPassword } from '$lib/server/access/sign-in';
import { reasonIn } from '$lib/server/access/provider';
import { wayOn } from '$lib/server/access/way-on';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	if (locals.session?.isFresh) redirect(303, wayOn(url));
	return { to: wayOn(url), providerName: locals.config.identity?.name ?? null, why: reasonIn(url) };
};

const read = formReader({ password: Type.String({ minLength: 1, maxLength: 200 }) });

export const actions: Actions = {
	default: ({ request, locals, url }) =>
		orFailedForm(async () => {
			if (!locals.session || !locals.user) redirect(303, '/desk/sign-in');
			const { password } = await read(request);
			await confirmPassword(locals.db, locals.session, password, locals.now);
			redirect(303, wayOn(url));
		})
};
