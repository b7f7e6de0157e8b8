import { Type } from 'typebox';
import { ORGANISATION_LENGTHS, PARTICIPATIONS } from '$lib/core/platform/organisation';
import { LOCALES } from '$lib/messages/languages';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import {
	organisationPage,
	setLogo,
	setOrganisation
} from '$lib/server/platform/organisation/set-organisation';
import { PERSON_FIELDS } from '$lib/core/people/person-fields';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => organisationPage(locals.db, signedIn(locals)));

const read = formReader({
	version,
	name: text(ORGANISATION_LENGTHS.name),
	contactName: text(ORGANISATION_LENGTHS.contactName),
	contactRole: text(ORGANISATION_LENGTHS.contactRole),
	phone: PERSON_FIELDS.phone,
	replyTo: text(ORGANISATION_LENGTHS.replyTo),
	address: text(ORGANISATION_LENGTHS.address),
	genuinePage: text(ORGANISATION_LENGTHS.genuinePage),
	participation: Type.Enum(PARTICIPATIONS),
	dutyLaw: text(ORGANISATION_LENGTHS.dutyLaw),
	language: Type.Enum(LOCALES),
	timeZone: PERSON_FIELDS.timeZone
});

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const { version: seen, ...organisation } = await read(request);
			const input = { organisation, version: Number(seen) };
			await setOrganisation(locals.db, signedIn(locals), input, locals.now);
			return { saved: true };
		}),

	removeLogo: ({ locals }) =>
		withFormError(async () => {
			await setLogo(locals.db, signedIn(locals), null, locals.now);
			return { saved: true };
		})
};
