/** Latest start, ms. */
const LATEST_MS = 2000;

/** Runs work once the page is idle; returns a function that cancels it. */
export function whenIdle(work: () => void): () => void {
	// Some browsers can't tell when they are idle.
	if (typeof requestIdleCallback !== 'function') {
		const timer = setTimeout(work, LATEST_MS);
		return () => clearTimeout(timer);
	}
	const handle = requestIdleCallback(work, { timeout: LATEST_MS });
	return () => cancelIdleCallback(handle);
}
