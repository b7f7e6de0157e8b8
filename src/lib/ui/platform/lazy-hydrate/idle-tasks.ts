/** Waiting tasks, in page order. */
const waiting: (() => void)[] = [];
let running: Promise<void> | null = null;

/** Room for the person's input in between. */
const pause = () => new Promise<void>((done) => setTimeout(done));

async function run(): Promise<void> {
	try {
		for (let next = waiting.shift(); next; next = waiting.shift()) {
			await pause();
			next();
		}
	} finally {
		// A failing task is reported like any error of a page; the others still run.
		running = waiting.length > 0 ? run() : null;
	}
}

/**
 * Runs work in a task of its own, after the ones before.
 * @returns runs it at once if it is still waiting: someone needs it now
 */
export function enqueueTask(work: () => void): () => void {
	let isDone = false;
	const once = () => {
		if (isDone) return;
		isDone = true;
		work();
	};
	waiting.push(once);
	running ??= run();
	return once;
}

/** Resolves when no task is waiting. */
export async function queueIdle(): Promise<void> {
	while (running) await running;
}
