import { Type } from 'typebox';
import { askReset } from '$lib/server/accounts/accounts';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions } from './$types';

const read = formReader({ email: Type.String({ minLength: 1, maxLength: 254 }) });

export const actions: Actions = {
	default: ({ request, locals }) =>
		orFailedForm(async () => {
			const { email } = await read(request);
			await askReset(locals.db, email, locals.now);
			locals.wake('letters');
			return { sent: true };
		})
};
