import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { userOfSession } from '$lib/server/access/sign-in';
import { SESSION_COOKIE } from '$lib/server/access/session-cookie';
import { ConfigFault } from '$lib/server/config';
import { migrateDatabase, MigrationFault } from '$lib/server/db/migrate';
import { compressed } from '$lib/server/http/compressed';
import { LARGEST_BODY_BYTES, LARGEST_IMPORT_BYTES, takeOffTheLine } from '$lib/server/http/read-body';
import { describeError, log } from '$lib/server/log';
import { joinQueue, runtime, wake } from '$lib/server/runtime';
import { textSizeOf } from '$lib/ui/theme/text-sizes';

export const init: ServerInit = async () => {
	// A fault of one request that nobody waits for any more must not end everybody else's: it is shown, and the process goes on.
	process.on('unhandledRejection', (error) =>
		log({ level: 'error', event: 'unhandled', ...describeError(error) })
	);
	try {
		await migrateDatabase(runtime().pool);
		await joinQueue();
	} catch (error) {
		if (!(error instanceof MigrationFault) && !(error instanceof ConfigFault)) throw error;
		process.stderr.write(`${error.message}\n`);
		process.exit(1);
	}
};

const SECURITY_HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()'
} as const;

function themeOf(cookie: string | undefined): App.Locals['theme'] {
	return cookie === 'light' || cookie === 'dark' ? cookie : '';
}

function unitOf(cookie: string | undefined): App.Locals['unit'] {
	return cookie === 'in' || cookie === 'mm' ? cookie : 'cm';
}

/** Only a list of people may be large. */
function mostBytes(route: string | null): number {
	return route === '/desk/(signed-in)/people/import' ? LARGEST_IMPORT_BYTES : LARGEST_BODY_BYTES;
}

export const handle: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	const { config, db, planning, changes } = runtime();
	const token = event.cookies.get(SESSION_COOKIE);
	event.locals.config = config;
	event.locals.db = db;
	event.locals.planning = planning;
	event.locals.changes = changes;
	event.locals.wake = wake;
	event.locals.now = new Date();
	event.locals.theme = themeOf(event.cookies.get('theme'));
	event.locals.textSize = textSizeOf(event.cookies.get('text'));
	event.locals.unit = unitOf(event.cookies.get('unit'));
	event.locals.user = token ? await userOfSession(db, token, event.locals.now) : null;
	const response =
		Number(event.request.headers.get('content-length') ?? 0) > mostBytes(event.route.id)
			? Response.json({ message: 'That is too much at once: send less.' }, { status: 413 })
			: await resolve(event, {
					transformPageChunk: ({ html }) =>
						html.replace('%theme%', event.locals.theme).replace('%text%', event.locals.textSize),
					preload: ({ type, path }) =>
						type === 'js' || type === 'css' || (type === 'font' && /-latin-(?:wght|standard)/.test(path))
				});
	await takeOffTheLine(event.request);
	for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.headers.set(name, value);
	if (event.route.id?.startsWith('/c/') || event.route.id?.startsWith('/desk'))
		response.headers.set('cache-control', 'private, no-store');
	if (event.route.id !== '/health')
		log({
			level: 'info',
			event: 'request',
			method: event.request.method,
			route: event.route.id ?? 'none',
			status: response.status,
			ms: Math.round(performance.now() - began)
		});
	return compressed(response, event.request.headers.get('accept-encoding'));
};

export const handleError: HandleServerError = ({ error, status, event }) => {
	if (status >= 500)
		log({ level: 'error', event: 'unexpected', route: event.route.id ?? 'none', ...describeError(error) });
	if (status === 404) return { message: 'There is nothing at this address. Check it, or go back.' };
	if (status === 413) return { message: 'That is too much at once: send less.' };
	if (status < 500) return { message: 'This could not be read. Go back and try once more.' };
	return {
		message: 'Something on our side failed, and nothing of this step was kept. Try again in a moment.'
	};
};
