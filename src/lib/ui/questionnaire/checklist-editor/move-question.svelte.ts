import { tick } from 'svelte';
import type { ChecklistItem } from '$lib/core/questionnaire/checklist/item';
import { deskWords } from '$lib/messages/desk';
import { CardDrag } from '../../platform/kit/card-drag.svelte';
import { faultOfAct, postAct } from '../../platform/kit/post-act';
import { refreshPage } from '../../platform/kit/refresh-page';
import type { DocumentWords } from './document-words';

/** What is moved, as the page shows it now. */
interface Shown {
	readonly items: readonly ChecklistItem[];
	/** The version of the checklist being edited. */
	readonly seen: number;
	readonly words: DocumentWords;
}

/** Moving questions within their station, by drag and by keys: saved at once. */
export class MoveQuestion {
	/** Said to a screen reader after a move. */
	said = $state('');
	/** Why a move was refused, in words. */
	fault = $state<string | null>(null);
	readonly drag: CardDrag<{ readonly id: string }>;
	private isBusy = false;

	constructor(private readonly read: () => Shown) {
		this.drag = new CardDrag(({ id }, place) => {
			const here = this.stationOf(id);
			const to = here.findIndex((item) => item.id === place);
			if (to >= 0 && place !== id) void this.to(id, to);
		});
	}

	private stationOf(id: string): readonly ChecklistItem[] {
		const { items } = this.read();
		const station = items.find((item) => item.id === id)?.station;
		return items.filter((item) => item.station === station);
	}

	/** Moves a question to a place in its station, from 0 on; out of it, nothing happens. */
	async to(id: string, to: number): Promise<void> {
		const here = this.stationOf(id);
		if (this.isBusy || to < 0 || to >= here.length || here[to]?.id === id) return;
		this.isBusy = true;
		const { seen, words } = this.read();
		const result = await postAct('?/move', { seen: String(seen), part: id, to: String(to) });
		const isMoved = result?.type === 'success';
		this.fault = isMoved ? null : ((result && faultOfAct(result)) ?? deskWords.frame.notReached);
		await refreshPage();
		await tick();
		if (isMoved) this.said = deskWords.checklistEditor.moved(words.question(id), to + 1, here.length);
		document.getElementById(`grip-${id}`)?.focus();
		this.isBusy = false;
	}
}
