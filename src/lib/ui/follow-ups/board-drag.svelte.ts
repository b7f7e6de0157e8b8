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
import type { Attachment } from 'svelte/attachments';
import type { FollowUpBoardLine } from './board-line';

/** Cards that are dragged to a day by the mouse, a pen or a finger that rests on them first. By keys the board moves them itself, in whole days. */
export class BoardDrag {
	/** The card that is dragged, by the id of its follow-up. */
	dragged = $state<string | null>(null);
	/** The day that it is over. */
	over = $state<string | null>(null);
	private manager: DragDropManager | null = null;
	private leave: (() => void) | null = null;

	/** @param move called with a card that was dropped on a day */
	constructor(private readonly move: (line: FollowUpBoardLine, day: string) => void) {}

	/** For the element of a card. */
	card(line: FollowUpBoardLine): Attachment<HTMLElement> {
		return (element) => {
			const draggable = new Draggable({ id: line.id, element, data: { line } }, this.ready());
			return () => draggable.destroy();
		};
	}

	/** For the element of a day. */
	day(day: string): Attachment<HTMLElement> {
		return (element) => {
			const droppable = new Droppable({ id: day, element }, this.ready());
			return () => droppable.destroy();
		};
	}

	/** Lets go of everything; the board may be shown again. */
	end(): void {
		this.leave?.();
		this.leave = null;
		this.manager = null;
	}

	/** Only where there is a page. */
	private ready(): DragDropManager {
		return (this.manager ??= this.start());
	}

	private start(): DragDropManager {
		// The page's policy lets only styles through that carry its nonce.
		const nonce = document.querySelector<HTMLElement>('style[nonce], script[nonce]')?.nonce;
		const manager = new DragDropManager({
			// A card is a link, and a link would not let itself be dragged unless told so.
			sensors: [PointerSensor.configure({ preventActivation: () => false })],
			// Not the ones that give cards the role of a button, and that write a style sheet without a nonce.
			plugins: [AutoScroller, Cursor.configure({ nonce }), PreventSelection.configure({ nonce })]
		});
		const { dragOperation } = manager;
		const unfollow = effect(() => {
			const { source, transform, status } = dragOperation;
			const card = source?.element;
			if (!status.dragging || !(card instanceof HTMLElement)) return;
			card.style.translate = `${transform.x}px ${transform.y}px`;
			// Days are compared with where the card is; without it none is ever under it.
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
			// To the day that was shown as the one under it.
			const { over } = this;
			this.dragged = null;
			this.over = null;
			if (!canceled && source && over !== null)
				this.move((source.data as { line: FollowUpBoardLine }).line, over);
		});
		return manager;
	}
}
