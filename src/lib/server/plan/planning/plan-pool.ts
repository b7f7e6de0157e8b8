import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import code from 'virtual:plan-thread';
import type { Advice } from '$lib/core/plan/advice/advise-corner';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { DomainError } from '../../platform/domain-error';
import { log } from '../../platform/log';
import type { BudgetAnswer, BudgetQuestion, PlanJob, Planner } from './planning';

interface Job {
	readonly asked: PlanJob;
	readonly resolve: (answer: unknown) => void;
	readonly reject: (reason: Error) => void;
}

interface Thread {
	readonly worker: Worker;
	job: Job | null;
	/** Ends the thread if its job takes too long. */
	limit: NodeJS.Timeout | null;
}

/** One core stays free for answering requests. */
const MOST_THREADS = Math.max(1, availableParallelism() - 1);

/** Workstations whose advice is cached: some ten megabytes. Lost with the process, and computed again. */
const MOST_KNOWN = 500;

/** With a longer queue, the process says so instead of making everyone wait for minutes. */
const LONGEST_QUEUE = 500;

/**
 * Longest job in a thread, ms. Our assumption: far above any real one (a budget for 30,000 people takes some 300 ms), so that a search that
 * never ends does not hold a thread for longer.
 */
const LONGEST_JOB_MS = 30_000;

/**
 * Threads that solve plans, started when first needed, and their queue. Holds no state that matters: a process that dies loses only what
 * its own visitors were waiting for.
 */
export class PlanPool implements Planner {
	private readonly threads: Thread[] = [];
	private readonly waiting: Job[] = [];
	/** Recent advice: the same workstation is viewed by its person, on the day sheet and in the case. */
	private readonly known = new Map<string, Promise<Advice>>();

	private readonly longestJobMs: number;
	private readonly longestQueue: number;

	/**
	 * @param limits `longestJobMs` is when a thread is ended with what it works on; `longestQueue` is how many may wait before others are
	 * refused
	 */
	constructor({ longestJobMs = LONGEST_JOB_MS, longestQueue = LONGEST_QUEUE } = {}) {
		this.longestJobMs = longestJobMs;
		this.longestQueue = longestQueue;
	}

	advise(corner: Corner): Promise<Advice> {
		const key = JSON.stringify(corner);
		const known = this.known.get(key);
		if (known) {
			// Used again, so it becomes the newest.
			this.known.delete(key);
			this.known.set(key, known);
			return known;
		}
		const advice = this.ask<Advice>({ kind: 'advise', corner });
		this.known.set(key, advice);
		if (this.known.size > MOST_KNOWN) this.known.delete(this.known.keys().next().value ?? '');
		// A failure is not cached.
		advice.catch(() => this.known.delete(key));
		return advice;
	}

	share(spots: readonly Corner[]): Promise<Corner[]> {
		return spots.length < 2 ? Promise.resolve([...spots]) : this.ask<Corner[]>({ kind: 'share', spots });
	}

	allocateBudget(question: BudgetQuestion): Promise<BudgetAnswer> {
		return this.ask<BudgetAnswer>({ kind: 'budget', question });
	}

	get waitingCount(): number {
		return this.waiting.length;
	}

	/** Ends the threads; for tests. */
	async close(): Promise<void> {
		await Promise.all(this.threads.splice(0).map(({ worker }) => worker.terminate()));
	}

	private ask<T>(asked: PlanJob): Promise<T> {
		if (this.waiting.length >= this.longestQueue)
			return Promise.reject(new DomainError('too-many', 'busySolving'));
		return new Promise((resolve, reject) => {
			this.waiting.push({ asked, resolve: (answer) => resolve(answer as T), reject });
			this.next();
		});
	}

	private next(): void {
		const free = this.threads.find(({ job }) => job === null) ?? this.start();
		const job = free && this.waiting.shift();
		if (!free || !job) return;
		free.job = job;
		free.limit = setTimeout(() => this.giveUp(free), this.longestJobMs).unref();
		free.worker.postMessage(job.asked);
	}

	private start(): Thread | null {
		if (this.threads.length >= MOST_THREADS) return null;
		const worker = new Worker(code, { eval: true });
		const thread: Thread = { worker, job: null, limit: null };
		worker.on('message', (answer: unknown) => {
			const job = thread.job;
			thread.job = null;
			if (thread.limit) clearTimeout(thread.limit);
			job?.resolve(answer);
			this.next();
		});
		worker.on('error', (error) => this.drop(thread, error));
		worker.on('exit', () => this.drop(thread, new Error('The planning thread ended')));
		// An idle thread must not keep the process alive. After the listeners, since adding the first one refs it again.
		worker.unref();
		this.threads.push(thread);
		return thread;
	}

	/** Ends a thread that works for too long: nothing less stops a search. */
	private giveUp(thread: Thread): void {
		log({ level: 'warn', event: 'planning-gave-up', job: thread.job?.asked.kind ?? 'none' });
		this.drop(thread, new DomainError('too-many', 'solvingTooLong'));
		void thread.worker.terminate();
	}

	/** A failing thread takes only its own job with it. */
	private drop(thread: Thread, error: Error): void {
		const at = this.threads.indexOf(thread);
		if (at < 0) return;
		this.threads.splice(at, 1);
		if (thread.limit) clearTimeout(thread.limit);
		thread.job?.reject(error);
		if (this.waiting.length > 0) this.next();
	}
}
