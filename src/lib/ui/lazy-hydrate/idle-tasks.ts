/** What waits for its turn, in the order of the page. */
const waiting: (() => void)[] = [];
let running: Promise<void> | null = null;

/** Room for what the person does in the meantime. */
const pause = () => new Promise<void>((done) => setTimeout(done));

async function run(): Promise<void> {
	try {
		for (let next = waiting.shift(); next; next = waiting.shift()) {
			await pause();
			next();
		}
	} finally {
		// One that fails is told as any failure of a page is; the others have their turn all the same.
		running = waiting.length > 0 ? run() : null;
	}
}

/**
 * Does something in a task of its own, after what came before it.
 * @returns does it at once, where it still waits: someone needs it now
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

/** Resolves when nothing waits for its turn any more. */
export async function queueIdle(): Promise<void> {
	while (running) await running;
}
