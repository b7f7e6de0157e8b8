import { error } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import { emailPreview } from '$lib/server/platform/email/email-preview';
import { composedById } from '$lib/server/platform/email/composed-by-id';
import type { RequestHandler } from './$types';

/** An email of the test inbox as a mail program shows it. */
export const GET: RequestHandler = async ({ locals, params }) => {
	const found =
		locals.config.mode === 'production'
			? null
			: await composedById(locals.db, locals.config.origin, params.id);
	return found ? emailPreview(found.email.html) : error(404, errorText('noPageHere'));
};
