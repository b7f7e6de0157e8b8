import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { readPolicyFile, readPolicyForm, settingsOfFile } from '$lib/server/platform/rules/policy-form';
import { policyPage, publishPolicy } from '$lib/server/platform/rules/policy-versions';
import { previewPolicy } from '$lib/server/platform/rules/preview-policy';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(() => {
		const from = url.searchParams.get('from') ?? '';
		return policyPage(locals.db, signedIn(locals), /^\d{1,6}$/.test(from) ? Number(from) : null);
	});

export const actions: Actions = {
	preview: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { settings } = await readPolicyForm(request);
			return { preview: await previewPolicy(locals.db, actor, settings, locals.now), settings };
		}),

	publish: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const input = await readPolicyForm(request);
			const published = await publishPolicy(locals.db, actor, input, locals.now);
			return { published };
		}),

	load: ({ request, locals }) =>
		withFormError(async () => {
			signedIn(locals);
			const { file } = await readPolicyFile(request);
			return { loaded: settingsOfFile(file) };
		})
};
