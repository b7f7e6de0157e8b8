import { refreshPage } from '../../platform/kit/refresh-page';

/** Least time between two reloads, ms: many changes at once become one. */
const PAUSE_MS = 1500;

/**
 * Shows others' changes as they happen, and keeps the place: the page reloads after each change, at most every {@link PAUSE_MS}. Nothing is
 * read while the page is hidden; it is as soon as it is visible again.
 * @returns ends it
 */
export function followDesk(): () => void {
	const events = new EventSource('/desk/live');
	let isFirst = true;
	let isStale = false;
	let pause: ReturnType<typeof setTimeout> | undefined;
	const look = () => {
		if (pause !== undefined || document.hidden) {
			isStale = true;
			return;
		}
		isStale = false;
		pause = setTimeout(() => {
			pause = undefined;
			if (isStale) look();
		}, PAUSE_MS);
		void refreshPage();
	};
	events.onmessage = () => {
		// The first event only says that the subscription is active.
		if (isFirst) isFirst = false;
		else look();
	};
	const seen = () => isStale && look();
	document.addEventListener('visibilitychange', seen);
	return () => {
		events.close();
		clearTimeout(pause);
		document.removeEventListener('visibilitychange', seen);
	};
}
