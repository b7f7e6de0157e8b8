import { describe, expect, it, vi } from 'vitest';
import { MAX_STREAMS, OpenStreams } from './open-streams';
import { SharedReads } from './shared-reads';

describe('streams that are open', () => {
	it('are so many of one link or account at most, and a place is free again once one has ended', () => {
		const streams = new OpenStreams();
		const ends = Array.from({ length: MAX_STREAMS.link }, () => streams.open('link:a'));
		expect(() => streams.open('link:a')).toThrow('tooManyWindows');
		streams.open('link:b');
		streams.open('account:a');
		expect(streams.size).toBe(MAX_STREAMS.link + 2);
		ends[0]?.();
		streams.open('link:a');
		expect(() => streams.open('link:a')).toThrow('tooManyWindows');
	});
});

describe('what is read for those who follow something', () => {
	it('is read once after each change, however many ask', async () => {
		const reads = new SharedReads();
		let n = 0;
		const read = vi.fn(() => Promise.resolve((n += 1)));
		const ask = () => Promise.all(Array.from({ length: 1000 }, () => reads.read(['round:a'], read)));
		expect(new Set(await ask())).toEqual(new Set([1]));
		reads.changed('round:b');
		expect(new Set(await ask())).toEqual(new Set([1]));
		reads.changed('round:a');
		expect(new Set(await ask())).toEqual(new Set([2]));
		expect(read).toHaveBeenCalledTimes(2);
		reads.forget('round:a');
		expect(new Set(await ask())).toEqual(new Set([3]));
	});

	it('is read again after a read that failed', async () => {
		const reads = new SharedReads();
		await expect(reads.read(['desk'], () => Promise.reject(new Error('gone')))).rejects.toThrow('gone');
		expect(await reads.read(['desk'], () => Promise.resolve(1))).toBe(1);
	});
});
