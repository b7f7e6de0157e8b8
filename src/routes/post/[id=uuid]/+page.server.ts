import { error } from '@sveltejs/kit';
import { linkOf, messageIdOf } from '$lib/server/post/deliver-letters';
import { letterHtml, letterText } from '$lib/server/post/letter-html';
import { letterById } from '$lib/server/post/write-letter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const letter = locals.config.mode === 'production' ? null : await letterById(locals.db, params.id);
	if (!letter) error(404, 'This letter is not here.');
	const link = await linkOf(locals.db, locals.config.origin, letter);
	return {
		letter,
		linkPath: link ? new URL(link.address).pathname + new URL(link.address).search : '',
		messageId: messageIdOf(letter.id),
		text: letterText(letter, link),
		html: letterHtml(letter, link)
	};
};
