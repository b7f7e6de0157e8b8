import { expect, it } from 'vitest';
import { isOne as english } from './en/platform/numbers';
import { isOne as french } from './fr/platform/numbers';
import { isOne as german } from './de/platform/numbers';
import { isOne as spanish } from './es/platform/numbers';

it('each language has its own singular: 0 is one of them in French alone', () => {
	for (const isOne of [english, german, french, spanish]) {
		expect(isOne(1)).toBe(true);
		expect(isOne(2)).toBe(false);
		expect(isOne(21)).toBe(false);
	}
	expect([english, german, french, spanish].map((isOne) => isOne(0))).toEqual([false, false, true, false]);
});
