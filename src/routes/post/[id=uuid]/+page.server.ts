import { error } from '@sveltejs/kit';
import { letterById } from '$lib/server/post/write-letter';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const letter = locals.config.mode === 'production' ? null : await letterById(locals.db, params.id);
	if (!letter) error(404, 'This letter is not here.');
	return { letter };
};
