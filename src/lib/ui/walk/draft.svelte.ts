import { partialChecks, unitOf, type Answers, type PartialCorner } from '$lib/core/answers';
import type { Way } from '$lib/core/corner';
import type { LengthUnit } from '$lib/core/length';
import { Autosave } from '../autosave/autosave.svelte';

/** The answers on this page as they are typed, what they tell so far, and their saving. */
export class Draft {
	answers = $state<Record<string, string>>({});
	/** The field that is being filled in. */
	active = $state<string | null>(null);
	readonly autosave: Autosave;
	readonly unit: LengthUnit = $derived(unitOf(this.answers));
	readonly partial: PartialCorner | null = $derived.by(() => partialChecks(this.answers, this.way));

	constructor(
		answers: Answers,
		private readonly way: Way,
		address: string,
		device: Storage | null
	) {
		this.autosave = new Autosave(address, device);
		this.answers = { ...answers, ...this.autosave.unsent };
	}

	/** Takes what was typed or chosen. */
	set(field: string, text: string): void {
		this.answers[field] = text;
		this.autosave.set(field, text);
	}

	/** Takes the server's answers over, keeping what it has not got yet. */
	replace(answers: Answers): void {
		this.answers = { ...answers, ...this.autosave.unsent };
	}
}
