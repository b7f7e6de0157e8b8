import { Worker } from 'node:worker_threads';
import code from 'virtual:reassess-thread';
import type { Config } from '../../platform/config';

export interface ReassessStart extends Pick<Config, 'databaseUrl' | 'poolerUrl' | 'keys'> {
	/** How long it starts new parts of its work, ms. */
	readonly workMs: number;
}

/**
 * Assesses the cases under other rules in a thread with its own connections, so that pages are answered in the meantime as at any other
 * time. A thread that fails rejects, and what it had not finished is left for the next one.
 */
export class ReassessThread {
	private worker: Worker | null = null;

	/** @returns how many were assessed */
	run(start: ReassessStart): Promise<number> {
		return new Promise((resolve, reject) => {
			const worker = new Worker(code, { eval: true, workerData: start });
			this.worker = worker;
			let n: number | null = null;
			worker.on('message', (judged: number) => {
				n = judged;
			});
			worker.on('error', reject);
			worker.on('exit', () => {
				this.worker = null;
				if (n === null) reject(new Error('The reassessing thread ended'));
				else resolve(n);
			});
			// It must not keep a process alive that is to end. After the listeners, since adding the first one refs it again.
			worker.unref();
		});
	}

	/** Lets it finish the part it is at. */
	stop(): void {
		this.worker?.postMessage('stop');
	}
}
