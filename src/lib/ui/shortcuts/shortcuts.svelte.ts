import { SvelteMap } from 'svelte/reactivity';

/** A key and what it does. */
export interface Shortcut {
	/** As `KeyboardEvent.key` gives it; letters in lower case. */
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

/** The keys of the page that is open. Pages add theirs and take them away again; the list is what `?` shows. */
export class Shortcuts {
	private readonly byKey = new SvelteMap<string, Shortcut>();

	/** All shortcuts of this page, in the order they were added. */
	get list(): Shortcut[] {
		return [...this.byKey.values()];
	}

	/** Adds shortcuts; gives back what takes them away. To be returned from an effect. */
	add(shortcuts: readonly Shortcut[]): () => void {
		for (const shortcut of shortcuts) this.byKey.set(shortcut.key, shortcut);
		return () => {
			for (const shortcut of shortcuts)
				if (this.byKey.get(shortcut.key) === shortcut) this.byKey.delete(shortcut.key);
		};
	}

	/** Runs the shortcut of a key press, unless somebody is typing, a dialog is open or a modifier is held. */
	handle(event: KeyboardEvent): void {
		// A key that is held is one press: what it does to one line must not run through the next ones.
		if (event.repeat) return;
		if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target))
			return;
		if (document.querySelector('[role="dialog"]')) return;
		const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
		const shortcut = this.byKey.get(key);
		if (!shortcut) return;
		event.preventDefault();
		shortcut.run();
	}
}
