import { error } from '@sveltejs/kit';
import { linkOfLetter, messageIdOf } from '$lib/server/email/deliver-emails';
import { letterHtml, letterText } from '$lib/server/email/email-html';
import { emailById } from '$lib/server/email/queue-email';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const letter = locals.config.mode === 'production' ? null : await emailById(locals.db, params.id);
	if (!letter) error(404, 'This letter is not here.');
	const link = await linkOfLetter(locals.db, locals.config.origin, letter);
	return {
		letter,
		linkPath: link ? new URL(link.address).pathname + new URL(link.address).search : '',
		messageId: messageIdOf(letter.id),
		text: letterText(letter, link),
		html: letterHtml(letter, link)
	};
};
