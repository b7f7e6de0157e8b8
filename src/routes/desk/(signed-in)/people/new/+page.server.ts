import { Type } from 'typebox';
import { redirect } from '@sveltejs/kit';
import { addPerson, newPersonPage } from '$lib/server/people/add-person';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { PERSON_FIELDS } from '$lib/core/people/person-fields';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => newPersonPage(locals.db, signedIn(locals)));

const read = formReader({
	name: PERSON_FIELDS.name,
	email: PERSON_FIELDS.email,
	team: Type.Optional(PERSON_FIELDS.team),
	phone: Type.Optional(PERSON_FIELDS.phone),
	country: Type.Optional(PERSON_FIELDS.country)
});

export const actions: Actions = {
	default: ({ request, locals }) =>
		withFormError(async () => {
			const input = await read(request);
			const id = await addPerson(locals.db, signedIn(locals), { team: '', ...input }, locals.now);
			redirect(303, `/desk/cases/${id}`);
		})
};
