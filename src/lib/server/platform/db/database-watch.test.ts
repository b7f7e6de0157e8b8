import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { withinTicks } from './database-watch';

const never = () => new Promise<string>(() => {});

describe('how long a database may take', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('is 1.8 seconds in which this process was free to read the answer', async () => {
		const asked = withinTicks(never());
		const seen = vi.fn();
		asked.catch(seen);
		await vi.advanceTimersByTimeAsync(1700);
		expect(seen).not.toHaveBeenCalled();
		await vi.advanceTimersByTimeAsync(200);
		expect(seen).toHaveBeenCalledOnce();
	});

	it('an answer that comes in time, and a refusal, are given on as they are', async () => {
		expect(await withinTicks(Promise.resolve('1'))).toBe('1');
		await expect(withinTicks(Promise.reject(new Error('no such table')))).rejects.toThrow('no such table');
		expect(vi.getTimerCount()).toBe(0);
	});
});

it('a process that was busy itself for longer than that has not missed the answer', async () => {
	let answer = (_text: string) => {};
	const work = new Promise<string>((resolve) => {
		answer = resolve;
	});
	const asked = withinTicks(work);
	// Nothing is read meanwhile; the clock goes on.
	const until = performance.now() + 2000;
	while (performance.now() < until);
	// The answer lies there, and is read after the timers that have come due.
	setImmediate(() => answer('1'));
	expect(await asked).toBe('1');
});
