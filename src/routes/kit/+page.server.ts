import { error } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import { dev } from '$app/environment';
import type { PageServerLoad } from './$types';

/** Every control with its states, for developers: available in development, in the demo and in tests. */
export const load: PageServerLoad = ({ locals }) => {
	if (!dev && locals.config.mode !== 'demo') error(404, errorText('noPageHere'));
	return { locale: 'en' as const };
};
