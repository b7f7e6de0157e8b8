import { error, redirect } from '@sveltejs/kit';
import { beginAtProvider, pageSaying, ProviderFault } from '$lib/server/access/provider';
import { setFlow } from '$lib/server/access/session-cookie';
import { wayOn } from '$lib/server/access/way-on';
import { originOf } from '$lib/server/http/own-origin';
import type { RequestHandler } from './$types';

/** To the organisation's own sign-in; who is signed in already shows there anew who they are. */
export const GET: RequestHandler = async ({ locals, url, cookies, request }) => {
	const { identity } = locals.config;
	if (!identity) error(404, 'There is nothing at this address. Check it, or go back.');
	const back = `${originOf(request, locals.config)}/desk/sign-in/provider/back`;
	const wanted = { to: wayOn(url), isAnew: locals.user !== null };
	try {
		const begun = await beginAtProvider(identity, back, wanted);
		setFlow(cookies, url, begun.flow);
		redirect(303, begun.url.href);
	} catch (thrown) {
		if (!(thrown instanceof ProviderFault)) throw thrown;
		redirect(303, pageSaying(thrown.reason, wanted));
	}
};
