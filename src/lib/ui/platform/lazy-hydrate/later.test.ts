import { describe, expect, it } from 'vitest';
import { stateHash } from './state-hash';
import { queueIdle, enqueueTask } from './idle-tasks';

describe('what a part shows', () => {
	it('has one name for one value, whichever last digit a machine came to, and others for others', () => {
		expect(stateHash({ angle: 65.22377488192265 })).toBe(stateHash({ angle: 65.22377488192267 }));
		const values = [
			null,
			0,
			'0',
			[],
			{},
			{ a: 1 },
			{ a: 2 },
			['a', 1],
			65.2237,
			65.2238,
			'é',
			'è',
			'🪑',
			'🪒'
		];
		expect(new Set(values.map(stateHash)).size).toBe(values.length);
	});
});

describe('turns', () => {
	it('are taken in tasks of their own, in their order, and once; what is needed comes at once', async () => {
		const done: string[] = [];
		enqueueTask(() => done.push('first'));
		const second = enqueueTask(() => {
			done.push('second');
			enqueueTask(() => done.push('within'));
		});
		enqueueTask(() => done.push('third'));
		expect(done).toEqual([]);
		second();
		expect(done).toEqual(['second']);
		// Between two turns there is room for something else.
		const other = new Promise<void>((resolve) => setTimeout(() => resolve(void done.push('other'))));
		await Promise.all([queueIdle(), other]);
		expect(done.filter((name) => name !== 'other')).toEqual(['second', 'first', 'third', 'within']);
		expect(done.indexOf('other')).toBeLessThan(done.indexOf('within'));
	});

	it('go on behind one that fails', async () => {
		const done: string[] = [];
		enqueueTask(() => {
			throw new Error('a part that can’t be taken over');
		});
		enqueueTask(() => done.push('next'));
		await expect(queueIdle()).rejects.toThrow('taken over');
		await queueIdle();
		expect(done).toEqual(['next']);
	});
});
