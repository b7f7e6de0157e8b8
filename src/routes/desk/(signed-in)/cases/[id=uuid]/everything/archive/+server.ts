import { drawSideViews } from '$lib/ui/workstation/side-view/section-svg';
import { downloadPersonArchive } from '$lib/server/platform/archive/download-archive';
import { archiveResponse } from '$lib/server/platform/archive/archive-response';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { runtime } from '$lib/server/platform/runtime';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** Everything about a person as files, with the drawings of their workstations. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const source = { db: locals.db, pool: runtime().pool, draw: drawSideViews };
		const archive = await downloadPersonArchive(source, signedIn(locals), params.id, locals.now);
		return archiveResponse(`person-${params.id}.tar.gz`, archive);
	});
