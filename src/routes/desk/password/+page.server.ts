import { Type } from 'typebox';
import { requestPasswordReset } from '$lib/server/platform/accounts/accounts';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions } from './$types';

const read = formReader({ email: Type.String({ minLength: 1, maxLength: 254 }) });

export const actions: Actions = {
	default: ({ request, locals }) =>
		withFormError(async () => {
			const { email } = await read(request);
			await requestPasswordReset(locals.db, email, locals.now);
			return { sent: true };
		})
};
