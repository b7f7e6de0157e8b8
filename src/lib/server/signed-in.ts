import { redirect } from '@sveltejs/kit';
import type { Session } from './access/sessions';
import type { Actor } from './actor';
import { Fault } from './fault';

/** The signed-in user of a request, or the way to the sign-in page. */
export function signedIn(locals: App.Locals): Actor & { kind: 'user' } {
	if (!locals.user) redirect(303, '/desk/sign-in');
	return locals.user;
}

/** The session of who acts for themselves, or the way to the sign-in page. */
export function ownSession({ user, session }: App.Locals): Session {
	if (!user || !session) redirect(303, '/desk/sign-in');
	return session;
}

/** The signed-in user of a request that answers as data. @throws Fault `not-allowed` where there is none */
export function needUser({ user }: App.Locals): Actor & { kind: 'user' } {
	if (!user) throw new Fault('not-allowed', 'signInFirst');
	return user;
}
