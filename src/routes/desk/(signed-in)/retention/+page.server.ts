import { errorText } from '$lib/messages/error-text';
import { retentionOf, retentionPage, setRetention } from '$lib/server/people/erasure/retention';
import { DomainError } from '$lib/server/platform/domain-error';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** A retention policy being considered, from the address: null where there is none or it can't be read. */
function thoughtOf(query: URLSearchParams) {
	if (!query.has('leaving') && !query.has('answer')) return { thought: null, unread: null };
	try {
		const typed = { leaving: query.get('leaving') ?? '', answer: query.get('answer') ?? '' };
		return { thought: retentionOf(typed), unread: null };
	} catch (thrown) {
		if (thrown instanceof DomainError) return { thought: null, unread: errorText(thrown.why) };
		throw thrown;
	}
}

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const { thought, unread } = thoughtOf(url.searchParams);
		const zone = locals.timeZone;
		return {
			thought,
			unread,
			...(await retentionPage(locals.db, signedIn(locals), thought, locals.now, zone))
		};
	});

const read = formReader({ leaving: text(4), answer: text(4), version });

export const actions: Actions = {
	keep: ({ request, locals }) =>
		withFormError(async () => {
			const { version: seen, ...typed } = await read(request);
			const policy = { ...retentionOf(typed), version: Number(seen) };
			await setRetention(locals.db, signedIn(locals), policy, locals.now);
			return { kept: true };
		})
};
