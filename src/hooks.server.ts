import {
	error,
	type Handle,
	type HandleServerError,
	type RequestEvent,
	type ServerInit
} from '@sveltejs/kit';
import {
	isBehindSignIn,
	isPageView,
	isRequestAllowed,
	listShownBy,
	permissionFor
} from '$lib/server/platform/access/desk-routes';
import { gateFor } from '$lib/server/platform/access/gate';
import { refusalFor as denialOf } from '$lib/server/platform/access/require-permission';
import { sessionToken } from '$lib/server/platform/access/session-cookie';
import { readSession } from '$lib/server/platform/access/sessions';
import { recordRead } from '$lib/server/platform/audit/record-read';
import { ConfigError, requireProductionSettings } from '$lib/server/platform/config';
import { MAX_LOGO_BYTES, UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { databaseFault } from '$lib/server/platform/db/database-fault';
import { isConnectionError } from '$lib/server/platform/db/connection-error';
import { MigrationError, requireSchemaVersion } from '$lib/server/platform/db/migrate';
import { requireArchiveLoaded } from '$lib/server/platform/archive/load-archive';
import { ArchiveError } from '$lib/server/platform/archive/read-archive';
import { ErasuresFileError, requireErasuresWritable } from '$lib/server/people/erasure/erasures-file';
import { requireErasuresReplayed, RestoreError } from '$lib/server/people/erasure/replay-erasures';
import { DomainError } from '$lib/server/platform/domain-error';
import { compressResponse } from '$lib/server/platform/http/compress-response';
import { drainRequest } from '$lib/server/platform/http/drain-request';
import { trustedOrigins } from '$lib/server/platform/http/trusted-origins';
import { MAX_BODY_BYTES, MAX_IMPORT_BYTES, limitBodySize } from '$lib/server/platform/http/read-body';
import { deferHydration } from '$lib/server/platform/http/defer-hydration';
import { extractInlineStyles, withStyleNonce } from '$lib/server/platform/http/extract-inline-styles';
import { fillRootTag } from '$lib/server/platform/http/fill-root-tag';
import { describeError, log } from '$lib/server/platform/log';
import { recordResponse } from '$lib/server/platform/metrics/metrics';
import { runtime, startServices } from '$lib/server/platform/runtime';
import {
	closedByEmergency,
	isClosedByEmergency,
	readLinkState
} from '$lib/server/cases/warning-signs/stop-guard';
import { errorText } from '$lib/messages/error-text';
import { LANGUAGES } from '$lib/messages/languages';
import { loadLanguage } from '$lib/messages/language-packs';
import { loadDeskLanguage } from '$lib/messages/desk';
import { DESK_LANGUAGES, ENGLISH_READER, type DeskReader } from '$lib/messages/desk-language';
import { acceptedLanguage, forReader, readDeskReader } from '$lib/server/platform/access/desk-reader';
import { textSizeOf } from '$lib/ui/platform/theme/text-sizes';

export const init: ServerInit = async () => {
	// An error in one request that nobody awaits any more must not end everyone else's: it is logged, and the process goes on.
	process.on('unhandledRejection', (error) =>
		log({ level: 'error', event: 'unhandled', ...describeError(error) })
	);
	drainRequest();
	try {
		const { config, db, pool } = runtime();
		if (config.mode === 'production') requireProductionSettings(process.env);
		await requireSchemaVersion(pool);
		await requireErasuresWritable(config.erasuresFile);
		await requireArchiveLoaded(db);
		await requireErasuresReplayed(db, config.erasuresFile);
		await Promise.all([...LANGUAGES.map(loadLanguage), ...DESK_LANGUAGES.map(loadDeskLanguage)]);
		await startServices();
	} catch (error) {
		const isTold = [MigrationError, ConfigError, RestoreError, ErasuresFileError, ArchiveError].some(
			(kind) => error instanceof kind
		);
		const sentence = isTold ? (error as Error).message : databaseFault(error);
		if (sentence === null) throw error;
		process.stderr.write(`${sentence}\n`);
		process.exit(1);
	}
};

const SECURITY_HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin'
} as const;

function themeOf(cookie: string | undefined): App.Locals['theme'] {
	return cookie === 'light' || cookie === 'dark' ? cookie : '';
}

function unitOf(cookie: string | undefined): App.Locals['unit'] {
	return cookie === 'in' || cookie === 'mm' ? cookie : 'cm';
}

/** Fonts preloaded by a page: a link's first page, which has no scripts, also loads the titles' font for the next ones. */
function fontsOf(route: string | null): RegExp {
	return route?.startsWith('/c/[token=token]/') ? /-latin-wght.*woff2$/ : /-latin-(?:wght|700).*woff2$/;
}

const IMPORT = '/desk/(signed-in)/people/import';
const LOGO = '/desk/(signed-in)/organisation/logo';

/** Only an import and a logo may be large. */
function mostBytes(route: string | null): number {
	if (route === LOGO) return MAX_LOGO_BYTES;
	return route === IMPORT ? MAX_IMPORT_BYTES : MAX_BODY_BYTES;
}

/**
 * Whether a request's body is small enough; one without a stated size is read to find out. An import, the only large one, is counted while
 * it is read.
 */
async function takeBody(event: RequestEvent): Promise<boolean> {
	const most = mostBytes(event.route.id);
	if (event.route.id === IMPORT) return Number(event.request.headers.get('content-length') ?? 0) <= most;
	const request = await limitBodySize(event.request, most);
	if (request) event.request = request;
	return request !== null;
}

/** Logs that a list of people was viewed, where it was sent. */
async function recordList({ locals, request, route }: RequestEvent, status: number): Promise<void> {
	const list = listShownBy(route.id ?? '');
	if (!list || !locals.user || status !== 200 || request.method !== 'GET') return;
	await recordRead(locals.db, locals.user, { act: 'list-read', list }, locals.now);
}

/** Methods that change nothing. */
const SAFE: readonly string[] = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Whether a request that would change something comes from another site (ASVS 4.0.3, 4.2.2 and 13.2.3, from memory). A browser states its
 * origin; a request without one may do what a secret in its URL allows, but nothing at the desk, which relies on a cookie.
 */
function isForeign({ request, url, locals }: RequestEvent): boolean {
	if (SAFE.includes(request.method)) return false;
	const origin = request.headers.get('origin');
	if (origin === null) return url.pathname.startsWith('/desk');
	return origin !== url.origin && !trustedOrigins(locals.config).includes(origin);
}

/**
 * The response to someone who may not make a desk request; null where they may. For a page view, the layout shows the refusal as a page.
 */
function deniedOf({ request, url, route, locals }: RequestEvent): Response | null {
	if (!isBehindSignIn(route.id) || !locals.user) return null;
	const asked = { route: route.id ?? '', method: request.method, query: url.searchParams };
	locals.isDenied = !isRequestAllowed(locals.user.role, asked);
	if (!locals.isDenied || isPageView(asked)) return null;
	const permission = permissionFor(asked);
	const message = errorText(permission ? denialOf(permission) : 'forCoordinators');
	const isAct = request.headers.get('x-sveltekit-action');
	return Response.json(isAct ? { type: 'error', status: 403, error: { message } } : { message }, {
		status: 403
	});
}

/** Responses given before anything is looked up: to a request from another site, and to a session that must do something first. */
function refusalOf(event: RequestEvent): Response | null {
	const { request, url, route, locals, isDataRequest } = event;
	if (isForeign(event))
		return Response.json({ message: errorText('foreignSite', locals.language) }, { status: 403 });
	const { secondFactorRoles } = locals.config;
	const to = gateFor(route.id, url.pathname + url.search, locals.session, secondFactorRoles);
	if (to === null) return deniedOf(event);
	// Data for client-side navigation: a plain redirect would be read as data.
	if (isDataRequest || request.headers.get('x-sveltekit-action'))
		return Response.json({ type: 'redirect', location: to, status: 303 });
	return new Response(null, { status: 303, headers: { location: to } });
}

/** Counts writes; the response where there are more than anybody types. */
async function tooMuchOf({
	request,
	params,
	locals,
	route,
	getClientAddress
}: RequestEvent): Promise<Response | null> {
	if (SAFE.includes(request.method)) return null;
	try {
		await runtime().writes.count({
			link: route.id?.startsWith('/c/') ? params.token : undefined,
			account: locals.session?.user.id,
			address: getClientAddress(),
			isImport: route.id === IMPORT
		});
		return null;
	} catch (thrown) {
		if (!(thrown instanceof DomainError)) throw thrown;
		// Looked up only for refusals: counting comes before anything is read for a request.
		const { language } = route.id?.startsWith('/c/')
			? await readLinkState(locals.db, params.token ?? '')
			: locals;
		const message = errorText(thrown.why, language);
		// A form sent by scripts expects the response of a form action.
		const isAct = request.headers.get('x-sveltekit-action');
		return Response.json(isAct ? { type: 'error', error: { message } } : { message }, {
			status: thrown.status
		});
	}
}

/**
 * Lets a link answer in its person's language. The response to someone with an open emergency sign, on every route of their link except
 * those that stay open: the stop page.
 */
async function stopOf(event: RequestEvent): Promise<Response | null> {
	const { params, request, route, locals, isDataRequest } = event;
	if (!route.id?.startsWith('/c/')) return null;
	const link = await readLinkState(locals.db, params.token ?? '');
	locals.language = link.language;
	if (!isClosedByEmergency(route.id) || !link.isStopped) return null;
	const location = `/c/${params.token}/stop`;
	if (isDataRequest || request.headers.get('x-sveltekit-action'))
		return Response.json({ type: 'redirect', location, status: 303 });
	if (request.headers.get('accept')?.includes('text/html') || SAFE.includes(request.method))
		return new Response(null, { status: 303, headers: { location } });
	const closed = closedByEmergency();
	return Response.json({ message: errorText(closed.why, link.language) }, { status: closed.status });
}

/** Answers while the database may fall silent: new and waiting requests are told so at once. */
export const handle: Handle = async (asked) => {
	const { watch } = runtime();
	const needsDatabase = asked.event.route.id !== '/health';
	const gone = () => needsDatabase && watch.isSilent;
	// The person behind the link may not be known yet: then in English.
	const failed = () => errorText('ourFault', asked.event.locals.language);
	if (gone()) error(503, failed());
	let off = () => {};
	const fallsSilent = new Promise<never>((_, reject) => {
		if (needsDatabase) off = watch.onSilent(() => reject(new Error('The database fell silent')));
	});
	try {
		const response = await Promise.race([answer(asked), fallsSilent]);
		// What was being requested when it fell silent has failed with it.
		const { hasLostDatabase } = asked.event.locals;
		return response.status === 500 && (gone() || hasLostDatabase) ? withStatus(response, 503) : response;
	} catch (thrown) {
		if (gone() || isConnectionError(thrown)) error(503, failed());
		throw thrown;
	} finally {
		off();
	}
};

const withStatus = ({ body, headers }: Response, status: number) => new Response(body, { status, headers });

/** The reader of a page of the desk: in the language of its user or, before anybody has signed in, in one that the browser asks for. */
async function readerOf({ locals, route, request }: RequestEvent): Promise<DeskReader> {
	if (!route.id?.startsWith('/desk')) return ENGLISH_READER;
	const accepted = acceptedLanguage(request.headers.get('accept-language'));
	return readDeskReader(locals.db, locals.session?.language ?? accepted);
}

const answer: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	const { config, db, figures, planning, changes, streams } = runtime();
	const token = sessionToken(event.cookies, event.url);
	event.locals.config = config;
	event.locals.db = db;
	event.locals.figures = figures;
	event.locals.planning = planning;
	event.locals.changes = changes;
	event.locals.streams = streams;
	event.locals.now = new Date();
	event.locals.theme = themeOf(event.cookies.get('theme'));
	event.locals.textSize = textSizeOf(event.cookies.get('text'));
	event.locals.unit = unitOf(event.cookies.get('unit'));
	// Health answers even where nothing can be looked up.
	const session =
		token && event.route.id !== '/health' ? await readSession(db, token, event.locals.now) : null;
	event.locals.isDenied = false;
	event.locals.hasLostDatabase = false;
	event.locals.session = session;
	event.locals.timeZone = session?.timeZone ?? UNSET_ORGANISATION.timeZone;
	event.locals.user = session && !session.isPending ? session.user : null;
	event.locals.deskReader = await readerOf(event);
	event.locals.language = event.locals.deskReader.language;
	return forReader(event.locals.deskReader, () => answerReader({ event, resolve }, began));
};

/** Answers a request whose reader is known. @param began when it came, ms of the performance clock */
async function answerReader({ event, resolve }: Parameters<Handle>[0], began: number): Promise<Response> {
	const refused = refusalOf(event) ?? (await tooMuchOf(event)) ?? (await stopOf(event));
	const scripts: string[] = [];
	const response =
		refused ??
		(!(await takeBody(event))
			? Response.json({ message: errorText('tooMuchAtOnce', event.locals.language) }, { status: 413 })
			: await resolve(event, {
					transformPageChunk: ({ html }) =>
						extractInlineStyles(
							deferHydration(
								fillRootTag(html, {
									lang: event.locals.language,
									theme: event.locals.theme,
									text: event.locals.textSize,
									door: event.route.id?.startsWith('/c/') ? 'employee' : 'desk'
								}),
								scripts
							)
						),
					preload: ({ type, path }) => {
						if (type === 'js') scripts.unshift(path);
						return type === 'css' || (type === 'font' && fontsOf(event.route.id).test(path));
					}
				}));
	await recordList(event, response.status);
	for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.headers.set(name, value);
	const policy = response.headers.get('content-security-policy');
	if (policy) response.headers.set('content-security-policy', withStyleNonce(policy));
	// Sent only where it is true: a browser that receives it refuses plain HTTP for a year.
	if (event.url.protocol === 'https:')
		response.headers.set('strict-transport-security', 'max-age=31536000; includeSubDomains');
	if (event.route.id?.startsWith('/c/') || event.route.id?.startsWith('/desk'))
		response.headers.set('cache-control', 'private, no-store');
	const ms = performance.now() - began;
	const route = event.route.id ?? 'none';
	recordResponse(event.request.method, route, response.status, ms / 1000);
	if (route !== '/health')
		log({
			level: 'info',
			event: 'request',
			method: event.request.method,
			route,
			status: response.status,
			ms: Math.round(ms)
		});
	return compressResponse(response, event.request.headers.get('accept-encoding'));
}

export const handleError: HandleServerError = ({ error, status, event }) => {
	if (status >= 500)
		log({ level: 'error', event: 'unexpected', route: event.route.id ?? 'none', ...describeError(error) });
	const { language } = event.locals;
	if (status === 404) return { message: errorText('noPageHere', language) };
	if (status === 413) return { message: errorText('tooMuchAtOnce', language) };
	if (status < 500) return { message: errorText('unreadableRequest', language) };
	if (isConnectionError(error)) event.locals.hasLostDatabase = true;
	return { message: errorText('ourFault', language) };
};
