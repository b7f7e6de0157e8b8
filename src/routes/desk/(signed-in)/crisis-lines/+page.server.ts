import { Type } from 'typebox';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import { PERSON_FIELDS } from '$lib/core/people/person-fields';
import {
	readCrisisLines,
	removeCrisisLine,
	setCrisisLine
} from '$lib/server/cases/warning-signs/crisis-lines';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({ lines: await readCrisisLines(locals.db, signedIn(locals)) }));

const country = Type.String({ pattern: '^[A-Za-z]{2}$' });
const readLine = formReader({
	country,
	name: Type.String({ minLength: 1, maxLength: 80 }),
	phone: Type.Intersect([PERSON_FIELDS.phone, Type.String({ minLength: 2 })])
});
const readRemoval = formReader({ country });

export const actions: Actions = {
	set: ({ request, locals }) =>
		withFormError(async () => {
			const { country, ...line } = await readLine(request);
			const changed = country.toUpperCase();
			await setCrisisLine(locals.db, signedIn(locals), { country: changed, ...line }, locals.now);
			return { changed };
		}),

	remove: ({ request, locals }) =>
		withFormError(async () => {
			const { country } = await readRemoval(request);
			await removeCrisisLine(locals.db, signedIn(locals), country, locals.now);
			return { removed: country };
		})
};
