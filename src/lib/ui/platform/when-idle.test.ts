import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { openAttribute } from './kit/open-attribute';
import { whenIdle } from './when-idle';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

it('waits until the browser is idle, and is called off', () => {
	const waiting = new Map<number, () => void>();
	vi.stubGlobal('requestIdleCallback', (work: () => void) => (waiting.set(7, work), 7));
	vi.stubGlobal('cancelIdleCallback', (handle: number) => waiting.delete(handle));
	const work = vi.fn();
	const callOff = whenIdle(work);
	expect(work).not.toHaveBeenCalled();
	waiting.get(7)?.();
	expect(work).toHaveBeenCalledTimes(1);
	callOff();
	expect(waiting.size).toBe(0);
});

it('waits two seconds where a browser can’t tell', () => {
	vi.stubGlobal('requestIdleCallback', undefined);
	const [done, off] = [vi.fn(), vi.fn()];
	whenIdle(done);
	whenIdle(off)();
	vi.advanceTimersByTime(1999);
	expect(done).not.toHaveBeenCalled();
	vi.advanceTimersByTime(1);
	expect(done).toHaveBeenCalledTimes(1);
	expect(off).not.toHaveBeenCalled();
});

it('says of a fold only that it is open: what was opened before scripts stays so', () => {
	expect(openAttribute(true)).toEqual({ open: true });
	expect(Object.keys(openAttribute(false))).toEqual([]);
});
