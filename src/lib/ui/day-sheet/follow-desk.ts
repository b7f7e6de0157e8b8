import { refreshPage } from '../kit/refresh-page';

/** Between two looks at least, ms: many changes at once are shown as one. */
const PAUSE_MS = 1500;

/**
 * Shows what others change as it comes, and keeps the place: the page is read again after each change, at most every {@link PAUSE_MS}. While the page is
 * not in sight nothing is read; it is as soon as it is again.
 *
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
		// The first says only that changes are heard from now on.
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
