import { MAX_LOGO_BYTES } from '$lib/core/platform/organisation';
import { requirePermission } from '$lib/server/platform/access/require-permission';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { readBytes } from '$lib/server/platform/http/read-body';
import { redrawLogo } from '$lib/server/platform/organisation/redraw-logo';
import { setLogo } from '$lib/server/platform/organisation/set-organisation';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** Accepts an image, redraws it, and makes it the logo. */
export const PUT: RequestHandler = ({ request, locals }) =>
	withJsonError(async () => {
		const actor = signedIn(locals);
		// Checked before the image is read: drawing it takes a while.
		requirePermission(actor, 'settings:change');
		const logo = await redrawLogo(await readBytes(request, MAX_LOGO_BYTES));
		await setLogo(locals.db, actor, logo, locals.now);
		return Response.json({ widthPx: logo.widthPx, heightPx: logo.heightPx });
	});
