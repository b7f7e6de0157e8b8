import { Type } from 'typebox';
import { ROLES } from '$lib/core/platform/access/roles';
import {
	closeAccount,
	inviteUser,
	listUsers,
	setAuditLogAccess
} from '$lib/server/platform/accounts/accounts';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { uuid, yesNo } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { PERSON_FIELDS } from '$lib/core/people/person-fields';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({
		users: await listUsers(locals.db, signedIn(locals)),
		myId: locals.user?.id ?? ''
	}));

const readInvite = formReader({
	name: PERSON_FIELDS.name,
	email: PERSON_FIELDS.email,
	role: Type.Enum(ROLES)
});

const readClose = formReader({ user: uuid });

const readRight = formReader({ user: uuid, sees: yesNo });

export const actions: Actions = {
	invite: ({ request, locals }) =>
		withFormError(async () => {
			const input = await readInvite(request);
			await inviteUser(locals.db, signedIn(locals), input, locals.now);
			return { invited: input.email };
		}),

	close: ({ request, locals }) =>
		withFormError(async () => {
			const { user } = await readClose(request);
			await closeAccount(locals.db, signedIn(locals), user, locals.now);
			return { closed: true };
		}),

	record: ({ request, locals }) =>
		withFormError(async () => {
			const { user, sees } = await readRight(request);
			const right = { userId: user, sees: sees === 'yes' };
			await setAuditLogAccess(locals.db, signedIn(locals), right, locals.now);
			return { set: true };
		})
};
