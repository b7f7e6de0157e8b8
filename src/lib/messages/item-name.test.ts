import { describe, expect, it } from 'vitest';
import { EYE_TEST, REQUESTABLE_ITEMS } from '../core/plan/equipment';
import { messagesFor } from './index';
import { itemName } from './item-name';
import { LANGUAGES } from './languages';

describe.each(LANGUAGES)('the names of items: %s', (language) => {
	const t = messagesFor(language);
	const own = { 'item-1': 'laptop riser' };

	it('are there for everything that can be asked for, no two the same', () => {
		const names = ([...REQUESTABLE_ITEMS, EYE_TEST, 'item-1'] as const).map((code) => itemName(code, t, own));
		for (const name of names) expect(name).toMatch(/^\S(?:.*\S)?$/u);
		expect(new Set(names).size).toBe(names.length);
	});

	it('are those of the organisation for its own items; what it calls them never hides another’s name', () => {
		expect(itemName('item-1', t, own)).toBe('laptop riser');
		// Gone from the catalogue: the code says at least that it is one.
		expect(itemName('item-2', t, own)).toBe('item-2');
		const [first] = REQUESTABLE_ITEMS;
		expect(itemName(first, t, { [first]: 'x', [EYE_TEST]: 'x' })).toBe(itemName(first, t, {}));
		expect(itemName(EYE_TEST, t, { [EYE_TEST]: 'x' })).toBe(t.messages.eyeTest);
	});
});
