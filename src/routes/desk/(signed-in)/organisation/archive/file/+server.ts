import { drawSideViews } from '$lib/ui/workstation/side-view/section-svg';
import { downloadArchive } from '$lib/server/platform/archive/download-archive';
import { archiveResponse } from '$lib/server/platform/archive/archive-response';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { runtime } from '$lib/server/platform/runtime';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** Everything the organisation has as one file, streamed while it is read. */
export const GET: RequestHandler = ({ locals }) =>
	withJsonError(async () => {
		const source = { db: locals.db, pool: runtime().pool, draw: drawSideViews };
		const archive = await downloadArchive(source, signedIn(locals), locals.now);
		return archiveResponse(`easy-corner-${locals.now.toISOString().slice(0, 10)}.tar.gz`, archive);
	});
