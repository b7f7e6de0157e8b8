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

/** Dragging cards to a place by mouse, pen or a resting finger. With keys, whoever shows them moves them. */
export class CardDrag<T extends { readonly id: string }> {
	/** The dragged card, by its id. */
	dragged = $state<string | null>(null);
	over = $state<string | null>(null);
	private manager: DragDropManager | null = null;
	private leave: (() => void) | null = null;

	/** @param move called with a card that was dropped on a place */
	constructor(private readonly move: (card: T, place: string) => void) {}

	/**
	 * Attachment for a card.
	 * @param read reads the card as it is now: it stays in hand while the page's data are read again
	 * @param handle the part by which it is dragged, as a selector; all of it if left out
	 */
	card(read: () => T, handle?: string): Attachment<HTMLElement> {
		return (element) => {
			const id = untrack(() => read().id);
			const part = handle ? element.querySelector(handle) : null;
			const draggable = new Draggable(
				{ id, element, data: { read }, ...(part && { handle: part }) },
				this.ready()
			);
			return () => draggable.destroy();
		};
	}

	place(place: string): Attachment<HTMLElement> {
		return (element) => {
			const droppable = new Droppable({ id: place, element }, this.ready());
			return () => droppable.destroy();
		};
	}

	/** Detaches everything; what it belongs to may be shown again. */
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
			// Places are compared with the position of the card; without it, none is ever under it.
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
			// To the place that was highlighted as the one under it.
			const { over } = this;
			this.dragged = null;
			this.over = null;
			if (!canceled && source && over !== null) this.move((source.data as { read: () => T }).read(), over);
		});
		return manager;
	}
}
