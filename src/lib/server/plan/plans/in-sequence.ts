/** Running work by key: the end of each queue. */
const lines = new Map<string, Promise<unknown>>();

/**
 * Runs work one after the other for each key, in the order requested: a link that sends its answers fourteen times at once has them solved
 * once, and the others find nothing changed. Only within this process; what several processes do at once is told apart by the revision of
 * what was read.
 */
export async function inSequence<T>(key: string, work: () => Promise<T>): Promise<T> {
	const before = lines.get(key) ?? Promise.resolve();
	const mine = before.then(work, work);
	const end = mine.then(
		() => {},
		() => {}
	);
	lines.set(key, end);
	try {
		return await mine;
	} finally {
		if (lines.get(key) === end) lines.delete(key);
	}
}
