import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { confirmPassword } from '$lib/server/platform/access/sign-in';
import { providerReasonIn } from '$lib/server/platform/access/provider';
import { safeRedirect } from '$lib/server/platform/access/safe-redirect';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	if (locals.session?.isFresh) redirect(303, safeRedirect(url));
	return {
		to: safeRedirect(url),
		providerName: locals.config.identity?.name ?? null,
		why: providerReasonIn(url)
	};
};

const read = formReader({ password: Type.String({ minLength: 1, maxLength: 200 }) });

export const actions: Actions = {
	default: ({ request, locals, url }) =>
		withFormError(async () => {
			if (!locals.session || !locals.user) redirect(303, '/desk/sign-in');
			const { password } = await read(request);
			await confirmPassword(locals.db, locals.session, password, locals.now);
			redirect(303, safeRedirect(url));
		})
};
