import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { previewSettings } from '$lib/server/platform/organisation-settings/preview-settings';
import { publishSettings, settingsPage } from '$lib/server/platform/organisation-settings/publish-settings';
import { readSettingsFile, readSettingsForm } from '$lib/server/platform/organisation-settings/settings-form';
import { isoDay } from '$lib/server/platform/clock';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params: { area }, url }) =>
	withErrorPage(async () => {
		const from = url.searchParams.get('from') ?? '';
		return {
			...(await settingsPage(
				locals.db,
				signedIn(locals),
				area,
				/^\d{1,6}$/.test(from) ? Number(from) : null
			)),
			today: isoDay(locals.now, locals.timeZone)
		};
	});

export const actions: Actions = {
	preview: ({ request, locals, params: { area } }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { settings } = await readSettingsForm(request, area);
			return { preview: await previewSettings(locals.db, actor, area, settings, locals.now), settings };
		}),

	publish: ({ request, locals, params: { area } }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const input = await readSettingsForm(request, area);
			const published = await publishSettings(locals.db, actor, input, locals.now);
			return { published };
		}),

	load: ({ request, locals, params: { area } }) =>
		withFormError(async () => {
			signedIn(locals);
			return { loaded: await readSettingsFile(request, area) };
		})
};
