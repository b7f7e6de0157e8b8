import { createSubscriber } from 'svelte/reactivity';

/** Whether the browser reports that it is offline: what needs the network is then not offered, with the reason. */
class Offline {
	private readonly subscribe = createSubscriber((update) => {
		window.addEventListener('online', update);
		window.addEventListener('offline', update);
		return () => {
			window.removeEventListener('online', update);
			window.removeEventListener('offline', update);
		};
	});

	get current(): boolean {
		if (typeof navigator === 'undefined') return false;
		this.subscribe();
		return !navigator.onLine;
	}
}

/** See {@link Offline}. */
export const isOffline = new Offline();
