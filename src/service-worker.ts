/// <reference lib="webworker" />
/**
 * Makes the employee's pages available offline: the application's files from the start, and each page as last seen. Nothing of the desk is
 * stored on a device.
 */
import { build, files, version } from '$service-worker';
import { QUESTIONNAIRE_PAGES } from './lib/core/questionnaire/answers/questionnaire-pages';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const PROGRAM = `easy-corner-program-${version}`;
const PAGES_KEPT = 'easy-corner-pages';
const WITHOUT_NETWORK = '/without-network';

worker.addEventListener('install', (event) => {
	const keep = async () => (await caches.open(PROGRAM)).addAll([...build, ...files, WITHOUT_NETWORK]);
	event.waitUntil(keep().then(() => worker.skipWaiting()));
});

worker.addEventListener('activate', (event) => {
	const clean = async () => {
		for (const name of await caches.keys())
			if (name.startsWith('easy-corner-program-') && name !== PROGRAM) await caches.delete(name);
		await worker.clients.claim();
	};
	event.waitUntil(clean());
});

/** The parts of a link's URL: the link itself, and the page within it. */
function placeOf(address: string): { link: string; page: string } {
	const [, door = '', token = '', page = ''] = new URL(address).pathname.split('/');
	return { link: `/${door}/${token}`, page };
}

const isOfWalk = (page: string) => QUESTIONNAIRE_PAGES.some((name) => name === page);

/** A page of the self-assessment can replace another of the same link: they share scripts and differ in their questions. */
async function keptPage(address: string): Promise<Response | undefined> {
	const pages = await caches.open(PAGES_KEPT);
	const same = await pages.match(address, { ignoreSearch: true });
	const stand = same || !isOfWalk(placeOf(address).page) ? null : await keptOfWalk(address);
	return same ?? (stand ? pages.match(stand) : undefined);
}

/** The URL of a cached page of the same link's self-assessment, or null. */
async function keptOfWalk(address: string): Promise<string | null> {
	const { link } = placeOf(address);
	const kept = await (await caches.open(PAGES_KEPT)).keys();
	const of = kept.find(({ url }) => placeOf(url).link === link && isOfWalk(placeOf(url).page));
	return of?.url ?? null;
}

/** Replaces a page that needs the server: says so, and leads back to the answers. */
async function withoutNetwork(address: string): Promise<Response | undefined> {
	const page = await caches.match(WITHOUT_NETWORK, { cacheName: PROGRAM });
	if (!page) return undefined;
	const back = (await keptOfWalk(address)) ?? placeOf(address).link;
	const { headers } = page;
	return new Response((await page.text()).replace('/kept-answers', back), { headers });
}

/** Status codes that mean a link opens nothing any more, or never did. */
const ENDED: readonly number[] = [404, 410];

/** Deletes every page of a link from the device: what has ended for its person must not remain there for the next user. */
async function forget(address: string): Promise<void> {
	const { link } = placeOf(address);
	const pages = await caches.open(PAGES_KEPT);
	for (const kept of await pages.keys()) if (placeOf(kept.url).link === link) await pages.delete(kept);
}

async function pageOf(request: Request): Promise<Response> {
	try {
		const response = await fetch(request);
		if (response.ok) await (await caches.open(PAGES_KEPT)).put(request, response.clone());
		else if (ENDED.includes(response.status)) await forget(request.url);
		return response;
	} catch (error) {
		const kept = (await keptPage(request.url)) ?? (await withoutNetwork(request.url));
		if (kept) return kept;
		throw error;
	}
}

/** A form sent without scripts. */
async function actOf(request: Request): Promise<Response> {
	try {
		return await fetch(request);
	} catch (error) {
		const page = await withoutNetwork(request.url);
		if (page) return page;
		throw error;
	}
}

/** A page reached by client-side navigation: cached as it is now, so that it can be reloaded offline. */
worker.addEventListener('message', (event) => {
	const path = (event.data as { keep?: unknown } | null)?.keep;
	if (typeof path !== 'string' || !path.startsWith('/c/')) return;
	const address = new URL(path, location.origin).href;
	// Pages of the self-assessment replace each other.
	if (isOfWalk(placeOf(address).page)) return;
	event.waitUntil(pageOf(new Request(address)).catch(() => undefined));
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (url.origin !== location.origin) return;
	if (request.method !== 'GET') {
		if (request.mode === 'navigate' && url.pathname.startsWith('/c/')) event.respondWith(actOf(request));
		return;
	}
	if (build.includes(url.pathname) || files.includes(url.pathname)) {
		event.respondWith(caches.match(request, { cacheName: PROGRAM }).then((kept) => kept ?? fetch(request)));
		return;
	}
	if (request.mode === 'navigate' && url.pathname.startsWith('/c/')) event.respondWith(pageOf(request));
});
