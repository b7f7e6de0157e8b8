import { tick } from 'svelte';
import { deskWords } from '$lib/messages/desk';
import { CardDrag } from '../../platform/kit/card-drag.svelte';

interface Card {
	readonly id: string;
}

/** The order into which cases are put, by drag, buttons and arrow keys. */
export class PracticeOrder {
	/** Ids of the cases, the most urgent first. */
	ids = $state.raw<readonly number[]>([]);
	/** Said to a screen reader after a move. */
	said = $state('');
	readonly drag: CardDrag<Card>;

	constructor(
		ids: readonly number[],
		private readonly nameOf: (id: number) => string
	) {
		this.ids = ids;
		this.drag = new CardDrag(({ id }, place) => this.to(Number(id), this.ids.indexOf(Number(place))));
	}

	/** Moves a case to a place, from 0 on; out of the list, nothing happens. */
	to(id: number, to: number): void {
		const from = this.ids.indexOf(id);
		if (from < 0 || to < 0 || to >= this.ids.length || from === to) return;
		const rest = this.ids.filter((one) => one !== id);
		this.ids = [...rest.slice(0, to), id, ...rest.slice(to)];
		this.said = deskWords.practice.moved(this.nameOf(id), to + 1, this.ids.length);
		void tick().then(() => document.getElementById(`grip-${id}`)?.focus());
	}

	/** Moves a case up or down. */
	by(id: number, steps: number): void {
		this.to(id, this.ids.indexOf(id) + steps);
	}

	/** Arrow keys on a card's grip. */
	keys(event: KeyboardEvent, id: number): void {
		const steps = { ArrowUp: -1, ArrowDown: 1 }[event.key];
		if (!steps) return;
		event.preventDefault();
		this.by(id, steps);
	}
}
