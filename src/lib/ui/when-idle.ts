/** Begun at the latest after this long, ms. */
const LATEST_MS = 2000;

/** Does something once the page has nothing better to do; gives back what calls it off. */
export function whenIdle(work: () => void): () => void {
	// Some browsers can't tell when they are idle.
	if (typeof requestIdleCallback !== 'function') {
		const timer = setTimeout(work, LATEST_MS);
		return () => clearTimeout(timer);
	}
	const handle = requestIdleCallback(work, { timeout: LATEST_MS });
	return () => cancelIdleCallback(handle);
}
