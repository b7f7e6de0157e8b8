import { Type } from 'typebox';
import { TRANSLATED_LANGUAGES } from '$lib/messages/languages';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { confirmReview, reviewPage } from '$lib/server/platform/organisation/language-reviews';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const asked = url.searchParams.get('language');
		const language = TRANSLATED_LANGUAGES.find((one) => one === asked) ?? TRANSLATED_LANGUAGES[0];
		return { language, ...(await reviewPage(locals.db, signedIn(locals), language)) };
	});

const read = formReader({ language: Type.Enum(TRANSLATED_LANGUAGES), reviewedBy: text(80) });

export const actions: Actions = {
	confirm: ({ request, locals }) =>
		withFormError(async () => {
			await confirmReview(locals.db, signedIn(locals), await read(request), locals.now);
			return { confirmed: true };
		})
};
