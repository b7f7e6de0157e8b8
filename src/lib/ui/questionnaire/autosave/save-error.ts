import type { Catalogue } from '$lib/messages/shapes';
import type { SaveState } from './autosave.svelte';

/** What keeps a page's input from being saved, in words, the most serious first; null where nothing does. */
export function saveErrorOf(states: readonly SaveState[], { frame }: Catalogue): string | null {
	if (states.includes('ended')) return frame.ended;
	if (states.includes('refused')) return frame.refused;
	return states.includes('waiting') ? frame.notSaved : null;
}
