import { closeUser, inviteUser, listUsers } from '$lib/server/accounts/accounts';
import type { Role } from '$lib/server/actor';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { UUID_PATTERN } from '$lib/server/http/person-schema';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => ({
		users: await listUsers(locals.db, signedIn(locals)),
		myId: locals.user?.id ?? ''
	}));

const readInvite = formReader<{ name: string; email: string; role: Role }>({
	type: 'object',
	additionalProperties: false,
	required: ['name', 'email', 'role'],
	properties: {
		name: { type: 'string', minLength: 1, maxLength: 120 },
		email: { type: 'string', maxLength: 254, pattern: '^\\s*[^\\s@]+@[^\\s@]+\\.[^\\s@]+\\s*$' },
		role: { enum: ['coordinator', 'clinician', 'reader'] }
	}
});

const readClose = formReader<{ user: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['user'],
	properties: { user: { type: 'string', pattern: UUID_PATTERN } }
});

export const actions: Actions = {
	invite: ({ request, locals }) =>
		orFailedForm(async () => {
			const input = await readInvite(request);
			await inviteUser(locals.db, signedIn(locals), input, locals.now);
			locals.wake('letters');
			return { invited: input.email };
		}),

	close: ({ request, locals }) =>
		orFailedForm(async () => {
			const { user } = await readClose(request);
			await closeUser(locals.db, signedIn(locals), user, locals.now);
			return { closed: true };
		})
};
