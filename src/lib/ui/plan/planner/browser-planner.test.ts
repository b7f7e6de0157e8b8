import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { BrowserPlanner } from './browser-planner';

interface Asked {
	readonly id: number;
	readonly corner: Corner;
}

/** A worker that answers when the test says so. */
class StandInWorker extends EventTarget {
	static all: StandInWorker[] = [];
	readonly asked: Asked[] = [];
	isEnded = false;

	constructor() {
		super();
		StandInWorker.all.push(this);
	}

	postMessage(asked: Asked): void {
		this.asked.push(asked);
	}

	terminate(): void {
		this.isEnded = true;
	}

	answer(at: number): void {
		const { id = 0, corner } = this.asked[at] ?? {};
		this.dispatchEvent(new MessageEvent('message', { data: { id, advice: corner?.person.stature } }));
	}
}

const [one, two] = [1, 2].map((seed) => randomCorner(seed, { rigid: 0, soft: 0, span: 0 })) as [
	Corner,
	Corner
];

beforeEach(() => {
	StandInWorker.all = [];
	vi.stubGlobal('Worker', StandInWorker);
});
afterEach(() => void vi.unstubAllGlobals());

describe('the planner of a page', () => {
	it('loads its worker once, and gives each asker the answer to what they asked, in whatever order', async () => {
		const planner = new BrowserPlanner();
		planner.prepare();
		const asked = [planner.advise(one), planner.advise(two)];
		expect(StandInWorker.all).toHaveLength(1);
		StandInWorker.all[0]?.answer(1);
		StandInWorker.all[0]?.answer(0);
		expect(await Promise.all(asked)).toEqual([one.person.stature, two.person.stature]);
	});

	it('fails who waits when the worker can not be loaded, and tries again for the next', async () => {
		const planner = new BrowserPlanner();
		const waits = planner.advise(one);
		StandInWorker.all[0]?.dispatchEvent(new Event('error'));
		await expect(waits).rejects.toThrow('could not be loaded');
		const next = planner.advise(two);
		StandInWorker.all[1]?.answer(0);
		expect(await next).toBe(two.person.stature);
	});

	it('ends the worker with the page, and leaves nobody waiting', async () => {
		const planner = new BrowserPlanner();
		const waits = planner.advise(one);
		planner.close();
		await expect(waits).rejects.toThrow('closed');
		expect(StandInWorker.all[0]?.isEnded).toBe(true);
	});
});
