import { describe, expect, it } from 'vitest';
import { ACT_KEYS, aroundKey } from './act-keys';

describe('keys of acts', () => {
	it('are each of one act, and a letter of its words', () => {
		const all = Object.values(ACT_KEYS);
		expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
		for (const act of all) {
			const [before, letter, after] = aroundKey(act);
			expect(letter.toLowerCase()).toBe(act.key);
			expect(before + letter + after).toBe(act.words);
		}
	});

	it('are the first letter wherever it is free', () => {
		expect(ACT_KEYS.settle.key).toBe('s');
		expect(ACT_KEYS.write.key).toBe('w');
		expect(ACT_KEYS.send.key).toBe('e');
	});
});
