import type { Advice } from '$lib/core/plan/advice/advise-corner';
import type { Corner } from '$lib/core/workstation/corner/corner';

interface Waiting {
	readonly resolve: (advice: Advice) => void;
	readonly reject: (reason: Error) => void;
}

/** Solves plans in a web worker, so that typing never waits. */
export class BrowserPlanner {
	private worker: Worker | null = null;
	private next = 0;
	private readonly waiting = new Map<number, Waiting>();

	/** Loads the worker while online, so that it is available offline. */
	prepare(): void {
		this.worker ??= this.start();
	}

	advise(corner: Corner): Promise<Advice> {
		this.prepare();
		const id = (this.next += 1);
		return new Promise((resolve, reject) => {
			this.waiting.set(id, { resolve, reject });
			this.worker?.postMessage({ id, corner });
		});
	}

	/** Ends the worker. */
	close(): void {
		this.worker?.terminate();
		this.worker = null;
		this.fail(new Error('The planner was closed'));
	}

	private start(): Worker {
		const worker = new Worker(new URL('../../../workers/plan-worker.ts', import.meta.url), {
			type: 'module'
		});
		worker.addEventListener('message', ({ data }: MessageEvent<{ id: number; advice: Advice }>) => {
			this.waiting.get(data.id)?.resolve(data.advice);
			this.waiting.delete(data.id);
		});
		worker.addEventListener('error', () => {
			this.worker = null;
			this.fail(new Error('The planner could not be loaded'));
		});
		return worker;
	}

	private fail(reason: Error): void {
		for (const { reject } of this.waiting.values()) reject(reason);
		this.waiting.clear();
	}
}
