import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Shortcuts } from './shortcuts.svelte';

class Element {
	constructor(
		readonly tagName: string,
		readonly isContentEditable = false
	) {}
}

let dialog: object | null = null;

beforeEach(() => {
	dialog = null;
	vi.stubGlobal('HTMLElement', Element);
	vi.stubGlobal('document', { querySelector: () => dialog });
});
afterEach(() => void vi.unstubAllGlobals());

function press(key: string, more: Partial<KeyboardEvent> = {}) {
	const preventDefault = vi.fn();
	return {
		event: { key, target: null, preventDefault, ...more } as unknown as KeyboardEvent,
		preventDefault
	};
}

describe('shortcuts', () => {
	const settle = vi.fn();
	const make = () => {
		settle.mockClear();
		const shortcuts = new Shortcuts();
		return { shortcuts, remove: shortcuts.add([{ key: 'e', words: 'Settle', run: settle }]) };
	};

	it('run once however long their key is held', () => {
		const { shortcuts } = make();
		shortcuts.handle(press('e').event);
		for (let i = 0; i < 30; i += 1) shortcuts.handle(press('e', { repeat: true }).event);
		expect(settle).toHaveBeenCalledTimes(1);
	});

	it('run by their key, in whatever case, and keep it from the browser', () => {
		const { shortcuts } = make();
		const pressed = press('E');
		shortcuts.handle(pressed.event);
		expect(settle).toHaveBeenCalledTimes(1);
		expect(pressed.preventDefault).toHaveBeenCalled();
		const other = press('x');
		shortcuts.handle(other.event);
		expect(other.preventDefault).not.toHaveBeenCalled();
	});

	it('leave typing, dialogs and the browser’s own keys alone', () => {
		const { shortcuts } = make();
		for (const tag of ['INPUT', 'TEXTAREA', 'SELECT'])
			shortcuts.handle(press('e', { target: new Element(tag) as unknown as EventTarget }).event);
		shortcuts.handle(press('e', { target: new Element('DIV', true) as unknown as EventTarget }).event);
		for (const held of ['ctrlKey', 'metaKey', 'altKey'] as const)
			shortcuts.handle(press('e', { [held]: true }).event);
		shortcuts.handle(press('e', { defaultPrevented: true }).event);
		dialog = {};
		shortcuts.handle(press('e').event);
		expect(settle).not.toHaveBeenCalled();
	});

	it('go with their page, but not those of the page that came after it', () => {
		const { shortcuts, remove } = make();
		expect(shortcuts.list.map(({ words }) => words)).toEqual(['Settle']);
		shortcuts.add([{ key: 'e', words: 'Answer', run: () => {} }]);
		remove();
		expect(shortcuts.list.map(({ words }) => words)).toEqual(['Answer']);
	});
});
