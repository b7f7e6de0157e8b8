import {
	AutoScroller,
	Cursor,
	DragDropManager,
	Draggable,
	Droppable,
	PointerSensor,
	PreventSelection
} from '@dnd-kit/dom';
import { DOMRectangle } from '@dnd-kit/dom/utilities';
import { effect, untracked } from '@dnd-kit/state';
import { untrack } from 'svelte';
import type { Attachment } from 'svelte/attachments';
import type { FollowUpBoardLine } from './board-line';

/** Dragging cards to a day by mouse, pen or a resting finger. With keys, the board moves them itself, by whole days. */
export class BoardDrag {
	/** The dragged card, by the id of its follow-up. */
	dragged = $state<string | null>(null);
	/** The day it is over. */
	over = $state<string | null>(null);
	private manager: DragDropManager | null = null;
	private leave: (() => void) | null = null;

	/** @param move called with a card that was dropped on a day */
	constructor(private readonly move: (line: FollowUpBoardLine, day: string) => void) {}

	/**
	 * Attachment for a card.
	 * @param line reads the follow-up as it is now: a card stays in hand while the page's data are read again
	 */
	card(line: () => FollowUpBoardLine): Attachment<HTMLElement> {
		return (element) => {
			const id = untrack(() => line().id);
			const draggable = new Draggable({ id, element, data: { line } }, this.ready());
			return () => draggable.destroy();
		};
	}

	/** Attachment for a day. */
	day(day: string): Attachment<HTMLElement> {
		return (element) => {
			const droppable = new Droppable({ id: day, element }, this.ready());
			return () => droppable.destroy();
		};
	}

	/** Detaches everything; the board may be shown again. */
	end(): void {
		this.leave?.();
		this.leave = null;
		this.manager = null;
	}

	/** Only in a browser. */
	private ready(): DragDropManager {
		return (this.manager ??= this.start());
	}

	private start(): DragDropManager {
		// The page's policy only allows styles with its nonce.
		const nonce = document.querySelector<HTMLElement>('style[nonce], script[nonce]')?.nonce;
		const manager = new DragDropManager({
			// A card is a link, which can't be dragged unless this is set.
			sensors: [PointerSensor.configure({ preventActivation: () => false })],
			// Without the plugins that give cards the role of a button, and that write a style sheet without a nonce.
			plugins: [AutoScroller, Cursor.configure({ nonce }), PreventSelection.configure({ nonce })]
		});
		const { dragOperation } = manager;
		const unfollow = effect(() => {
			const { source, transform, status } = dragOperation;
			const card = source?.element;
			if (!status.dragging || !(card instanceof HTMLElement)) return;
			card.style.translate = `${transform.x}px ${transform.y}px`;
			// Days are compared with the position of the card; without it, none is ever under it.
			untracked(() => (dragOperation.shape = new DOMRectangle(card)));
			return () => (card.style.translate = '');
		});
		this.leave = () => {
			unfollow();
			manager.destroy();
		};
		manager.monitor.addEventListener('dragstart', ({ operation: { source } }) => {
			this.dragged = String(source?.id);
		});
		manager.monitor.addEventListener('dragover', ({ operation: { target } }) => {
			this.over = target ? String(target.id) : null;
		});
		manager.monitor.addEventListener('dragend', ({ canceled, operation: { source } }) => {
			// To the day that was highlighted as the one under it.
			const { over } = this;
			this.dragged = null;
			this.over = null;
			if (!canceled && source && over !== null)
				this.move((source.data as { line: () => FollowUpBoardLine }).line(), over);
		});
		return manager;
	}
}
