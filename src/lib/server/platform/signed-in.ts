import { redirect } from '@sveltejs/kit';
import type { Session } from './access/sessions';
import type { Actor } from './actor';
import { DomainError } from './domain-error';

/** The signed-in user of a request, or a redirect to the sign-in page. */
export function signedIn(locals: App.Locals): Actor & { kind: 'user' } {
	if (!locals.user) redirect(303, '/desk/sign-in');
	return locals.user;
}

/** The session of a user acting for themselves, or a redirect to the sign-in page. */
export function ownSession({ user, session }: App.Locals): Session {
	if (!user || !session) redirect(303, '/desk/sign-in');
	return session;
}

/**
 * The signed-in user of a request for data.
 * @throws DomainError `not-allowed` where there is none
 */
export function requireUser({ user }: App.Locals): Actor & { kind: 'user' } {
	if (!user) throw new DomainError('not-allowed', 'signInFirst');
	return user;
}
