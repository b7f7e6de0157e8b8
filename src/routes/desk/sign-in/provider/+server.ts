import { error, redirect } from '@sveltejs/kit';
import { errorText } from '$lib/messages/error-text';
import {
	startProviderSignIn,
	signInPageWithReason,
	ProviderError
} from '$lib/server/platform/access/provider';
import { setProviderFlow } from '$lib/server/platform/access/session-cookie';
import { safeRedirect } from '$lib/server/platform/access/safe-redirect';
import { requestOrigin } from '$lib/server/platform/http/trusted-origins';
import type { RequestHandler } from './$types';

/** Redirects to the organisation's own sign-in; someone already signed in confirms there who they are. */
export const GET: RequestHandler = async ({ locals, url, cookies, request }) => {
	const { identity } = locals.config;
	if (!identity) error(404, errorText('noPageHere'));
	const back = `${requestOrigin(request, locals.config)}/desk/sign-in/provider/back`;
	const wanted = { to: safeRedirect(url), isAnew: locals.user !== null };
	try {
		const begun = await startProviderSignIn(identity, back, wanted);
		setProviderFlow(cookies, url, begun.flow);
		redirect(303, begun.url.href);
	} catch (thrown) {
		if (!(thrown instanceof ProviderError)) throw thrown;
		redirect(303, signInPageWithReason(thrown.reason, wanted));
	}
};
