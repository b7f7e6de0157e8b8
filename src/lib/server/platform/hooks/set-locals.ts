import type { Handle, RequestEvent } from '@sveltejs/kit';
import { UNSET_ORGANISATION } from '../../../core/platform/organisation';
import { textSizeOf } from '../../../core/platform/text-sizes';
import { ENGLISH_READER, type DeskReader } from '../../../messages/desk-language';
import { acceptedLanguage, forReader, readDeskReader } from '../access/desk-reader';
import { sessionToken } from '../access/session-cookie';
import { readSession } from '../access/sessions';
import { runtime } from '../runtime';

function themeOf(cookie: string | undefined): App.Locals['theme'] {
	return cookie === 'light' || cookie === 'dark' ? cookie : '';
}

function unitOf(cookie: string | undefined): App.Locals['unit'] {
	return cookie === 'in' || cookie === 'mm' ? cookie : 'cm';
}

/** The reader of a page of the desk: in the language of its user or, before anybody has signed in, in one that the browser asks for. */
async function readerOf({ locals, route, request }: RequestEvent): Promise<DeskReader> {
	if (!route.id?.startsWith('/desk')) return ENGLISH_READER;
	const accepted = acceptedLanguage(request.headers.get('accept-language'));
	return readDeskReader(locals.db, locals.session?.language ?? accepted);
}

/** What every route works with: the process's services, the session and its reader. */
export const setLocals: Handle = async ({ event, resolve }) => {
	const { cookies, locals, url } = event;
	const { config, db, figures, planning, changes, streams } = runtime();
	const now = new Date();
	const token = sessionToken(cookies, url);
	// Health answers even where nothing can be looked up.
	const session = token && event.route.id !== '/health' ? await readSession(db, token, now) : null;
	Object.assign(locals, {
		config,
		db,
		figures,
		planning,
		changes,
		streams,
		now,
		theme: themeOf(cookies.get('theme')),
		textSize: textSizeOf(cookies.get('text')),
		unit: unitOf(cookies.get('unit')),
		isDenied: false,
		hasLostDatabase: false,
		session,
		timeZone: session?.timeZone ?? UNSET_ORGANISATION.timeZone,
		user: session && !session.isPending ? session.user : null
	} satisfies Omit<App.Locals, 'deskReader' | 'language'>);
	locals.deskReader = await readerOf(event);
	locals.language = locals.deskReader.language;
	return forReader(locals.deskReader, () => resolve(event));
};
