/// <reference lib="webworker" />
/**
 * Keeps the employee's door open without network: the program's files from the start, and each of its pages as it was
 * seen last. Nothing of the coordinator's door is kept on a device.
 */
import { build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const PROGRAM = `easy-corner-program-${version}`;
const PAGES = 'easy-corner-pages';

worker.addEventListener('install', (event) => {
	const keep = async () => (await caches.open(PROGRAM)).addAll([...build, ...files]);
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

/** A page of the walk stands in for another of the same link: they are one program with other questions. */
async function keptPage(url: URL): Promise<Response | undefined> {
	const pages = await caches.open(PAGES);
	const same = await pages.match(url.href, { ignoreSearch: true });
	if (same) return same;
	const [, door = '', token = ''] = url.pathname.split('/');
	for (const { url: kept } of await pages.keys()) {
		const [, keptDoor, keptToken, name] = new URL(kept).pathname.split('/');
		if (keptDoor === door && keptToken === token && name && name !== 'plan') return pages.match(kept);
	}
	return undefined;
}

async function pageOf(request: Request): Promise<Response> {
	try {
		const response = await fetch(request);
		if (response.ok) await (await caches.open(PAGES)).put(request, response.clone());
		return response;
	} catch (error) {
		const kept = await keptPage(new URL(request.url));
		if (kept) return kept;
		throw error;
	}
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin) return;
	if (build.includes(url.pathname) || files.includes(url.pathname)) {
		event.respondWith(caches.match(request, { cacheName: PROGRAM }).then((kept) => kept ?? fetch(request)));
		return;
	}
	if (request.mode === 'navigate' && url.pathname.startsWith('/c/')) event.respondWith(pageOf(request));
});
