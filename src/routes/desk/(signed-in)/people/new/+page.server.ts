import { redirect } from '@sveltejs/kit';
import { needCoordinator } from '$lib/server/actor';
import { addPerson } from '$lib/server/people/add-person';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(() => Promise.resolve().then(() => void needCoordinator(signedIn(locals))));

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
