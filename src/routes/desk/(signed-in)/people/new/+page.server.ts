import { redirect } from '@sveltejs/kit';
import { addPerson } from '$lib/server/people/add-person';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Actions } from './$types';

const read = formReader<{ name: string; email: string; team?: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['name', 'email'],
	properties: {
		name: { type: 'string', minLength: 1, maxLength: 120 },
		email: { type: 'string', maxLength: 254, pattern: '^\\s*[^\\s@]+@[^\\s@]+\\.[^\\s@]+\\s*$' },
		team: { type: 'string', maxLength: 80 }
	}
});

export const actions: Actions = {
	default: ({ request, locals }) =>
		orFailedForm(async () => {
			const input = await read(request);
			const id = await addPerson(locals.db, signedIn(locals), { team: '', ...input }, locals.now);
			redirect(303, `/desk/cases/${id}`);
		})
};
