import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { LOCALES } from '$lib/messages/languages';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { setLanguage } from '$lib/server/people/set-language';
import type { RequestHandler } from './$types';

const read = formReader({
	language: Type.Enum(LOCALES),
	// A page of a link on this site and nothing else.
	back: Type.String({ maxLength: 300, pattern: '^/c/[^\\\\]*$' })
});

/** Changes the language of a person's pages and emails, and returns to the page. */
export const POST: RequestHandler = ({ request, locals, params }) =>
	withJsonError(async () => {
		const { actor } = await openAssessment(locals.db, params.token, { evenIfLeft: true });
		const { language, back } = await read(request);
		await setLanguage(locals.db, actor, language, locals.now);
		redirect(303, back);
	});
