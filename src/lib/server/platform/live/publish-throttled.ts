/** Least time between two reloads of everyone's desk pages for the same long work, ms. */
const PAUSE_MS = 5000;

/**
 * Publishes what long work changes: at its beginning, then at most every five seconds, and when it ends or fails. Every open desk page
 * reloads each time, and such work lasts for minutes.
 * @param publish tells of what is committed
 * @param work calls its parameter for each part that is committed
 * @param clock ms
 * @returns what the work does
 */
export async function publishThrottled<T>(
	publish: () => Promise<void>,
	work: (changed: () => Promise<void>) => Promise<T>,
	clock: () => number = () => performance.now()
): Promise<T> {
	let publishedAt = -Infinity;
	let isUntold = false;
	const tell = async () => {
		isUntold = false;
		publishedAt = clock();
		await publish();
	};
	try {
		return await work(async () => {
			isUntold = true;
			if (clock() - publishedAt >= PAUSE_MS) await tell();
		});
	} finally {
		if (isUntold) await tell();
	}
}
