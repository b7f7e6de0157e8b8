import { SvelteMap } from 'svelte/reactivity';

/** A shortcut: its key and its act. */
export interface Shortcut {
	/** As in `KeyboardEvent.key`; letters in lower case, with the prefix `Control+` where Control is held. */
	readonly key: string;
	readonly words: string;
	readonly run: () => void;
}

function isTyping(target: EventTarget | null): boolean {
	return (
		target instanceof HTMLElement &&
		(target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
	);
}

/** Keys that a focused control needs for itself. */
const OF_CONTROLS = new Set([' ', 'Enter', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight']);

/** Which element needs {@link OF_CONTROLS}: a link only needs what follows it. */
const isControl = (target: EventTarget | null, key: string) =>
	target instanceof HTMLElement &&
	OF_CONTROLS.has(key) &&
	(['BUTTON', 'SUMMARY'].includes(target.tagName)
		? key === ' ' || key === 'Enter'
		: target.tagName === 'A'
			? key === 'Enter'
			: ['tab', 'option', 'menuitem', 'slider', 'radio'].includes(target.getAttribute('role') ?? ''));

/** The shortcuts of the open page. Pages add theirs and remove them again; `?` shows the list. */
export class Shortcuts {
	private readonly byKey = new SvelteMap<string, Shortcut>();

	/** All shortcuts of this page, in the order added. */
	get list(): Shortcut[] {
		return [...this.byKey.values()];
	}

	/** Adds shortcuts; returns a function that removes them. Return it from an effect. */
	add(shortcuts: readonly Shortcut[]): () => void {
		for (const shortcut of shortcuts) this.byKey.set(shortcut.key, shortcut);
		return () => {
			for (const shortcut of shortcuts)
				if (this.byKey.get(shortcut.key) === shortcut) this.byKey.delete(shortcut.key);
		};
	}

	/** Runs the shortcut of a key press, unless someone is typing, a dialog is open or a modifier is held. */
	handle(event: KeyboardEvent): void {
		// A key held down is one press: what it does to one line must not run on through the next ones.
		if (event.repeat) return;
		if (event.defaultPrevented || event.altKey || isTyping(event.target)) return;
		if (document.querySelector('[role="dialog"]')) return;
		const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
		if (isControl(event.target, key)) return;
		const shortcut = this.byKey.get(event.ctrlKey || event.metaKey ? `Control+${key}` : key);
		if (!shortcut) return;
		event.preventDefault();
		shortcut.run();
	}
}
