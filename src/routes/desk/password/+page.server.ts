import { Type } from 'typebox';
import { requestPasswordReset } from '$lib/server/accounts/accounts';
import { withFormError } from '$lib/server/http/error-responses';
import { formReader } from '$lib/server/http/read-body';
import type { Actions } from './$types';

const read = formReader({ email: Type.String({ minLength: 1, maxLength: 254 }) });

export const actions: Actions = {
	default: ({ request, locals }) =>
		withFormError(async () => {
			const { email } = await read(request);
			await requestPasswordReset(locals.db, email, locals.now);
			locals.wake('letters');
			return { sent: true };
		})
};
