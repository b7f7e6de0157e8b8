import { error } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import { emailFrame } from '$lib/messages/emails';
import { composedById } from '$lib/server/platform/email/composed-by-id';
import { messageIdOf } from '$lib/server/platform/email/deliver-emails';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const found =
		locals.config.mode === 'production'
			? null
			: await composedById(locals.db, locals.config.origin, params.id);
	if (!found) error(404, errorText('noPageHere'));
	const { queued, link, email } = found;
	return {
		queued,
		linkPath: link ? new URL(link).pathname + new URL(link).search : '',
		messageId: messageIdOf(queued.id),
		frame: emailFrame(queued.kind, await readOrganisation(locals.db), queued.language, email.stopAddress),
		fromName: email.fromName,
		subject: email.subject,
		text: email.text
	};
};
