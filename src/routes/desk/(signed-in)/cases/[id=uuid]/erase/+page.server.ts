import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { erasePerson, ERASURE_REASONS, previewErasure } from '$lib/server/people/erasure/erase-person';
import { DomainError } from '$lib/server/platform/domain-error';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(() => previewErasure(locals.db, signedIn(locals), params.id));

const read = formReader({ name: text(120), why: Type.Enum(ERASURE_REASONS) });

export const actions: Actions = {
	default: ({ request, locals, params }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { name, why } = await read(request);
			const { person } = await previewErasure(locals.db, actor, params.id);
			// The second step: whoever types the name has read whose it is.
			if (name.trim().toLowerCase() !== person.name.toLowerCase())
				throw new DomainError('invalid', 'writeTheirName', '/name');
			await erasePerson(locals.db, actor, { personId: params.id, why }, locals.now);
			redirect(303, '/desk/people');
		})
};
