import { ACT_KEYS } from '../platform/shortcuts/act-keys';
import type { Shortcut } from '../platform/shortcuts/shortcuts.svelte';

const press = (id: string) => () => document.getElementById(id)?.click();

function unfold(formId: string, fieldId: string): void {
	const form = document.getElementById(formId);
	if (form instanceof HTMLDetailsElement) form.open = true;
	document.getElementById(fieldId)?.focus();
}

/**
 * The keyboard shortcuts of a case.
 * @param open shows a part, and then the named field in it;
 * @param nextDrawing shows the next drawing of the workstation
 */
export function caseKeys(
	open: (part: string, fieldId?: string) => void,
	nextDrawing: () => void
): Shortcut[] {
	const inTimeline = (formId: string, fieldId: string) => () => {
		open('timeline');
		requestAnimationFrame(() => unfold(formId, fieldId));
	};
	return [
		{ ...ACT_KEYS.followUp, run: () => open('follow-up', 'due') },
		{ ...ACT_KEYS.write, run: inTimeline('writing', 'write') },
		{ ...ACT_KEYS.call, run: inTimeline('calling', 'contact-how') },
		{ ...ACT_KEYS.note, run: inTimeline('noting', 'note') },
		{ ...ACT_KEYS.refer, run: () => open('clinician', 'clinician') },
		{ ...ACT_KEYS.send, run: () => document.getElementById('send')?.focus() },
		{ ...ACT_KEYS.settle, run: press('settle') },
		{ ...ACT_KEYS.outcome, run: press('outcome-act') },
		{ ...ACT_KEYS.mine, run: press('mine') },
		{ ...ACT_KEYS.view, run: nextDrawing }
	];
}
