import { refusalWords } from '$lib/messages/refusal-words';
import { retentionOf, retentionPage, setRetention } from '$lib/server/erasure/retention';
import { Fault } from '$lib/server/fault';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text, version } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** A policy that is thought of, from the address: null where none is, or where it can't be read. */
function thoughtOf(query: URLSearchParams) {
	if (!query.has('leaving') && !query.has('answer')) return { thought: null, unread: null };
	try {
		const typed = { leaving: query.get('leaving') ?? '', answer: query.get('answer') ?? '' };
		return { thought: retentionOf(typed), unread: null };
	} catch (thrown) {
		if (thrown instanceof Fault) return { thought: null, unread: refusalWords(thrown.why) };
		throw thrown;
	}
}

export const load: PageServerLoad = ({ locals, url }) =>
	orErrorPage(async () => {
		const { thought, unread } = thoughtOf(url.searchParams);
		const zone = locals.config.timeZone;
		return {
			thought,
			unread,
			...(await retentionPage(locals.db, signedIn(locals), thought, locals.now, zone))
		};
	});

const read = formReader({ leaving: text(4), answer: text(4), version });

export const actions: Actions = {
	keep: ({ request, locals }) =>
		orFailedForm(async () => {
			const { version: seen, ...typed } = await read(request);
			const policy = { ...retentionOf(typed), version: Number(seen) };
			await setRetention(locals.db, signedIn(locals), policy, locals.now);
			return { kept: true };
		})
};
