import { dev } from '$app/environment';
import { asset } from '$app/paths';
import { whenIdle } from '../when-idle';
import { queueIdle } from './idle-tasks';

/**
 * Has the device keep the program and the pages that were seen, once nothing else is to be done: it fetches many files, which would hold up the first
 * page. A browser that refuses shows the pages all the same, with network.
 */
export async function cacheForOffline(): Promise<void> {
	if (!('serviceWorker' in navigator)) return;
	await queueIdle();
	const register = () =>
		navigator.serviceWorker.register(asset('/service-worker.js'), { type: dev ? 'module' : 'classic' });
	whenIdle(() => void register().catch(() => undefined));
}

/** Has a page kept that was reached within the program: nothing of it went past the worker. @param path of this site */
export function cachePage(path: string): void {
	if ('serviceWorker' in navigator) navigator.serviceWorker.controller?.postMessage({ keep: path });
}
