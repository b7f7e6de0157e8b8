import { describe, expect, it } from 'vitest';
import { ACT_KEYS, aroundKey } from './act-keys';

describe('keys of acts', () => {
	it('are each of one act, and letters', () => {
		const keys = Object.values(ACT_KEYS).map(({ key }) => key);
		expect(new Set(keys).size).toBe(keys.length);
		for (const key of keys) expect(key).toMatch(/^[a-z]$/);
	});

	it('are marked in the words where they have the letter, and leave the words whole', () => {
		for (const act of Object.values(ACT_KEYS)) {
			const [before, letter, after] = aroundKey(act);
			expect(before + letter + after).toBe(act.words);
			expect(letter.toLowerCase()).toBe(act.words.toLowerCase().includes(act.key) ? act.key : '');
		}
		expect(aroundKey({ words: 'Später', key: 'l' })).toEqual(['Später', '', '']);
	});
});
