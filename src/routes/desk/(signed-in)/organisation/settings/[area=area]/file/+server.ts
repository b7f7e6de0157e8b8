import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { settingsPage } from '$lib/server/platform/organisation-settings/publish-settings';
import { settingsFile } from '$lib/server/platform/organisation-settings/settings-form';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The settings of a version as a file; those that apply where none is named. */
export const GET: RequestHandler = ({ locals, params: { area }, url }) =>
	withErrorPage(async () => {
		const wanted = url.searchParams.get('version') ?? '';
		const from = /^\d{1,6}$/.test(wanted) ? Number(wanted) : null;
		const { start, version } = await settingsPage(locals.db, signedIn(locals), area, from);
		return new Response(settingsFile(area, start), {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="${area}-${from ?? version}.json"`,
				'cache-control': 'no-store'
			}
		});
	});
