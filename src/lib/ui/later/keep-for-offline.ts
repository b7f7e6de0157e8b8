import { dev } from '$app/environment';
import { asset } from '$app/paths';
import { whenIdle } from '../when-idle';
import { allTurns } from './turns';

/**
 * Has the device keep the program and the pages that were seen, once nothing else is to be done: it fetches many files, which would hold up the first
 * page. A browser that refuses shows the pages all the same, with network.
 */
export async function keepForOffline(): Promise<void> {
	if (!('serviceWorker' in navigator)) return;
	await allTurns();
	const register = () =>
		navigator.serviceWorker.register(asset('/service-worker.js'), { type: dev ? 'module' : 'classic' });
	whenIdle(() => void register().catch(() => undefined));
}

/** Has a page kept that was reached within the program: nothing of it went past the worker. @param path of this site */
export function keepPage(path: string): void {
	if ('serviceWorker' in navigator) navigator.serviceWorker.controller?.postMessage({ keep: path });
}
