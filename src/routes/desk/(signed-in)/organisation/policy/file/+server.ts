import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { policyFile } from '$lib/server/platform/rules/policy-form';
import { policySettingsAt } from '$lib/server/platform/rules/policy-versions';
import { readRules } from '$lib/server/platform/rules/read-rules';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, url }) =>
	withErrorPage(async () => {
		const version = url.searchParams.get('version') ?? '';
		const actor = signedIn(locals);
		const number = /^\d{1,6}$/.test(version) ? Number(version) : (await readRules(locals.db)).ownVersion;
		const settings = await policySettingsAt(locals.db, actor, number);
		return new Response(policyFile(settings), {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="levels-and-deadlines-${number}.json"`,
				'cache-control': 'no-store'
			}
		});
	});
