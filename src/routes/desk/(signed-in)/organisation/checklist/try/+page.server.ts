import { trialPage } from '$lib/server/questionnaire/checklists/part-page';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const page = await trialPage(locals.db, signedIn(locals));
		const wanted = url.searchParams.get('language');
		return { ...page, language: page.languages.find((one) => one === wanted) ?? page.languages[0] ?? 'en' };
	});
