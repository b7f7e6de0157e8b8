import { Type } from 'typebox';
import { EMAIL_KINDS } from '$lib/core/sending/email-kinds';
import { LANGUAGES } from '$lib/messages/languages';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { formReader } from '$lib/server/http/read-body';
import { previewEmail, sampleOf, sendSampleEmail } from '$lib/server/organisation/sample-emails';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const sample = sampleOf(url.searchParams);
		const asked = { ...sample, origin: locals.config.origin };
		const { fromName, subject, text } = await previewEmail(locals.db, signedIn(locals), asked);
		return {
			...sample,
			hasPictures: url.searchParams.get('pictures') !== 'off',
			email: { fromName, subject, text }
		};
	});

const read = formReader({ kind: Type.Enum(EMAIL_KINDS), language: Type.Enum(LANGUAGES) });

export const actions: Actions = {
	send: ({ request, locals }) =>
		withFormError(async () => {
			const form = await read(request);
			const sentTo = await sendSampleEmail(locals.db, signedIn(locals), form, locals.now);
			locals.wake('letters');
			return { sentTo };
		})
};
