import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { beginByPhone, readPhonePage } from '$lib/server/cases/begin-by-phone';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => ({
		...(await readPhonePage(locals.db, signedIn(locals), params.id)),
		key: crypto.randomUUID()
	}));

const read = formReader({ key: uuid, agreed: Type.Optional(Type.Literal('yes')) });

export const actions: Actions = {
	begin: ({ request, locals, params }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { key, agreed } = await read(request);
			const input = { key, personId: params.id, version: null, hasAgreed: agreed === 'yes' };
			const path = await beginByPhone(locals.db, actor, input, locals.now);
			redirect(303, `${path}/first`);
		})
};
