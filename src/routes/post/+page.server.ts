import { error } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import { newestEmails } from '$lib/server/platform/email/queue-email';
import type { PageServerLoad } from './$types';

/** Longest text that can be searched for, in characters. */
const LONGEST_SEARCH = 100;

export const load: PageServerLoad = async ({ locals, url }) => {
	if (locals.config.mode === 'production') error(404, errorText('noPageHere'));
	const sought = (url.searchParams.get('q') ?? '').replaceAll('\u0000', '').slice(0, LONGEST_SEARCH).trim();
	const emails = await newestEmails(locals.db, sought);
	return {
		sought,
		emails: emails.map(({ id, toName, toEmail, subject, writtenAt, state, tries, fault }) => ({
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
