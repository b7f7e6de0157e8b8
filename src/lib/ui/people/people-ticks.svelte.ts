import { SvelteSet } from 'svelte/reactivity';

/** Whom an act on many is for: selected people, or everyone who matches. */
export class PeopleTicks {
	readonly ids = new SvelteSet<string>();
	wantsAll = $state(false);

	toggle(id: string): void {
		if (!this.ids.delete(id)) this.ids.add(id);
	}

	clear(): void {
		this.ids.clear();
		this.wantsAll = false;
	}
}
