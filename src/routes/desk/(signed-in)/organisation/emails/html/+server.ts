import { emailPreview, withoutPictures } from '$lib/server/platform/email/email-preview';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { previewEmail, sampleOf } from '$lib/server/platform/organisation/sample-emails';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** An email of a kind as a mail program shows it. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const sample = { ...sampleOf(url.searchParams), origin: locals.config.origin };
		const { html } = await previewEmail(locals.db, signedIn(locals), sample);
		return emailPreview(url.searchParams.get('pictures') === 'off' ? withoutPictures(html) : html);
	});
