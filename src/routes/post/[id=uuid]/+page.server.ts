import { error } from '@sveltejs/kit';
import { letterTextsFor } from '$lib/messages/letters';
import { messageIdOf } from '$lib/server/post/deliver-letters';
import { letterHtml, letterText } from '$lib/server/post/letter-html';
import { letterById } from '$lib/server/post/write-letter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const letter = locals.config.mode === 'production' ? null : await letterById(locals.db, params.id);
	if (!letter) error(404, 'This letter is not here.');
	const words = letterTextsFor().button;
	const link = letter.linkPath ? { words, address: `${locals.config.origin}${letter.linkPath}` } : null;
	return {
		letter,
		messageId: messageIdOf(letter.id),
		text: letterText(letter, link),
		html: letterHtml(letter, link)
	};
};
