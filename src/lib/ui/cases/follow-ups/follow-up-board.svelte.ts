import { dayWords } from '$lib/messages/dates';
import { applyAction } from '$app/forms';
import { refreshPage } from '../../platform/kit/refresh-page';
import { faultOfAct, postAct } from '../../platform/kit/post-act';
import { CardDrag } from '../../platform/kit/card-drag.svelte';
import type { FollowUpBoardLine } from './board-line';
import { daysOn } from './calendar-days';
import { ACT_KEYS } from '../../platform/shortcuts/act-keys';
import { moveBody } from './move-body';
import { deskWords } from '$lib/messages/desk';

/** The board of the coming days while cards are moved from day to day, by mouse or keys. */
export class FollowUpBoard {
	/** The card moved by keys, and its target day. */
	held = $state.raw<{ readonly line: FollowUpBoardLine; readonly to: string } | null>(null);
	/** Moving by mouse or finger. */
	readonly drag = new CardDrag<FollowUpBoardLine>((line, day) => void this.move(line, day));
	told = $state('');
	/** The newest move, which can be undone. */
	last = $state.raw<{ readonly key: string; readonly line: FollowUpBoardLine } | null>(null);
	fault = $state('');

	/** @param today gives the coordinator's today: nothing goes to an earlier day */
	constructor(private readonly today: () => string) {}

	async move(line: FollowUpBoardLine, to: string): Promise<void> {
		this.held = null;
		if (to === line.due) return;
		this.told = '';
		this.fault = '';
		const key = crypto.randomUUID();
		const result = await postAct('?/move', moveBody(line, to, key));
		if (!result) {
			this.fault = deskWords.followUps.moveNotReached;
			return;
		}
		if (result.type === 'success') {
			const { isFreeDay } = (result.data as { moved: { isFreeDay: boolean } }).moved;
			this.last = { key, line };
			this.told = deskWords.followUps.moved(line.name, dayWords(to, 'today'), isFreeDay);
		} else if (result.type === 'redirect') return void (await applyAction(result));
		else this.fault = faultOfAct(result) ?? deskWords.followUps.moveFailed;
		await refreshPage();
		document.getElementById(`follow-up-${line.id}`)?.focus();
	}

	/** Undoes the newest move: the card is where it was, with its previous version. */
	async undo(): Promise<void> {
		const { last } = this;
		if (!last) return;
		this.last = null;
		const result = await postAct('/desk?/undo', { batch: last.key });
		if (result?.type === 'success')
			this.told = deskWords.followUps.moveUndone(last.line.name, dayWords(last.line.due, 'today'));
		else if (result?.type === 'redirect') return void (await applyAction(result));
		else this.fault = (result && faultOfAct(result)) ?? deskWords.followUps.undoFailed;
		await refreshPage();
		document.getElementById(`follow-up-${last.line.id}`)?.focus();
	}

	/** Keys: M picks a card up, arrows move it by days and weeks, Enter drops it, Escape cancels. */
	keys(event: KeyboardEvent, line: FollowUpBoardLine): void {
		const today = this.today();
		const stop = () => {
			event.preventDefault();
			event.stopPropagation();
		};
		if (this.held?.line.id !== line.id) {
			if (event.key !== ACT_KEYS.move.key) return;
			stop();
			this.held = { line, to: line.due < today ? today : line.due };
			return;
		}
		const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 7, ArrowUp: -7 }[event.key];
		if (by === undefined && event.key !== 'Enter' && event.key !== 'Escape') return;
		stop();
		if (event.key === 'Escape') this.held = null;
		else if (event.key === 'Enter') void this.move(line, this.held.to);
		else if (by !== undefined) {
			const to = daysOn(this.held.to, by);
			this.held = { line, to: to < today ? today : to };
		}
	}

	/** What is announced about the move. */
	get status(): string {
		const { held } = this;
		return held ? deskWords.followUps.carried(held.line.name, dayWords(held.to, 'today')) : this.told;
	}
}
