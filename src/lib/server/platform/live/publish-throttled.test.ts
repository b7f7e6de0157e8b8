import { describe, expect, it } from 'vitest';
import { publishThrottled } from './publish-throttled';

describe('changes of long work', () => {
	/** When they are published by work with so many parts, ms; a part takes 0.4 s. */
	async function published(parts: number, fails = false) {
		let now = 0;
		const at: number[] = [];
		const work = async (changed: () => Promise<void>) => {
			for (let i = 0; i < parts; i += 1) {
				await changed();
				now += 400;
			}
			if (fails) throw new Error('it fails');
			return 'done';
		};
		const ended = await publishThrottled(
			async () => void at.push(now),
			work,
			() => now
		).catch(String);
		return { at, ended };
	}

	it('are published at once, then at most every five seconds, and the last of them when it ends', async () => {
		expect(await published(31)).toEqual({ at: [0, 5200, 10_400, 12_400], ended: 'done' });
	});

	it('are published where it fails after some, too', async () => {
		expect(await published(3, true)).toEqual({ at: [0, 1200], ended: 'Error: it fails' });
	});

	it('are published once where there is one, and never where there is none', async () => {
		expect((await published(1)).at).toEqual([0]);
		expect((await published(0)).at).toEqual([]);
	});
});
