import { checklistFile } from '$lib/server/questionnaire/checklists/checklist-file';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, url }) =>
	withErrorPage(async () => {
		const version = url.searchParams.get('version') ?? '';
		const { number, text } = await checklistFile(
			locals.db,
			signedIn(locals),
			/^\d{1,6}$/.test(version) ? Number(version) : null
		);
		return new Response(text, {
			headers: {
				'content-type': 'application/json',
				'content-disposition': `attachment; filename="checklist-${number}.json"`,
				'cache-control': 'no-store'
			}
		});
	});
