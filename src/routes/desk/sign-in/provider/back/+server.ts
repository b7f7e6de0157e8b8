import { redirect } from '@sveltejs/kit';
import {
	finishProviderSignIn,
	signInPageWithReason,
	ProviderError
} from '$lib/server/platform/access/provider';
import { recordRefusedSignIn, signInByProvider } from '$lib/server/platform/access/sign-in-by-provider';
import {
	deviceToken,
	sessionToken,
	setSession,
	takeProviderFlow
} from '$lib/server/platform/access/session-cookie';
import { signOut } from '$lib/server/platform/access/sessions';
import { requestOrigin } from '$lib/server/platform/http/trusted-origins';
import type { RequestHandler } from './$types';

/** The return from the organisation's own sign-in. */
export const GET: RequestHandler = async ({ locals, url, cookies, request }) => {
	const { config, db, session, now } = locals;
	const flow = takeProviderFlow(cookies, url);
	if (!config.identity || !flow) redirect(303, '/desk/sign-in?why=refused');
	const came = new URL(url.pathname + url.search, requestOrigin(request, config));
	try {
		const claims = await finishProviderSignIn(config.identity, came, flow);
		const browser = {
			device: request.headers.get('user-agent') ?? '',
			deviceToken: deviceToken(cookies, url)
		};
		const begun = await signInByProvider(db, { claims, flow, browser, session }, now);
		if (begun) {
			const before = sessionToken(cookies, url);
			if (before) await signOut(db, before);
			setSession(cookies, url, begun);
		}
		redirect(303, begun?.needsCode ? '/desk/sign-in/code' : flow.to);
	} catch (thrown) {
		if (!(thrown instanceof ProviderError)) throw thrown;
		await recordRefusedSignIn(db, thrown, now);
		redirect(303, signInPageWithReason(thrown.reason, flow));
	}
};
