import type { Shortcut } from '../shortcuts/shortcuts.svelte';

const focus = (id: string) => () => document.getElementById(id)?.focus();

/** The keys of a case. @param nextDrawing shows the next of the corner's drawings */
export function caseKeys(isCoordinator: boolean, nextDrawing: () => void): Shortcut[] {
	return [
		...(isCoordinator
			? [
					{ key: 'f', words: 'Follow-up date', run: focus('due') },
					{ key: 'w', words: 'Write', run: focus('write') },
					{ key: 'r', words: 'Refer', run: focus('clinician') },
					{ key: 's', words: 'Send a self-assessment', run: focus('send') },
					{
						key: 'e',
						words: 'Settle, or record the outcome',
						run: () => document.getElementById('settle')?.click()
					}
				]
			: []),
		{ key: 'c', words: 'Note', run: focus('note') },
		{ key: 'v', words: 'Show the next drawing', run: nextDrawing }
	];
}
