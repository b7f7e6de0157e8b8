import { dev } from '$app/environment';
import { asset } from '$app/paths';
import { whenIdle } from '../when-idle';
import { queueIdle } from './idle-tasks';

/**
 * Has the device cache the scripts and the pages visited, once nothing else is to be done: it fetches many files, which would hold up the
 * first page. If the browser refuses, the pages still work online.
 */
export async function cacheForOffline(): Promise<void> {
	if (!('serviceWorker' in navigator)) return;
	await queueIdle();
	const register = () =>
		navigator.serviceWorker.register(asset('/service-worker.js'), { type: dev ? 'module' : 'classic' });
	whenIdle(() => void register().catch(() => undefined));
}

/**
 * Caches a page reached by client-side navigation, which the service worker did not see.
 * @param path on this site
 */
export function cachePage(path: string): void {
	if ('serviceWorker' in navigator) navigator.serviceWorker.controller?.postMessage({ keep: path });
}
