import { error } from '@sveltejs/kit';
import { newestLetters } from '$lib/server/post/write-letter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	if (locals.config.mode === 'production') error(404, 'There is nothing at this address.');
	const letters = await newestLetters(locals.db);
	return {
		letters: letters.map(({ id, toName, toEmail, subject, writtenAt, state, tries, fault }) => ({
			id,
			toName,
			toEmail,
			subject,
			writtenAt,
			state,
			tries,
			fault
		}))
	};
};
