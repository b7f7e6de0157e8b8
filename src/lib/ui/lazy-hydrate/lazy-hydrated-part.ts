import { hydrate, mount, unmount, type Snippet } from 'svelte';
import { render } from 'svelte/server';
import { preserveInput } from '../kit/preserve-input';
import { enqueueTask } from './idle-tasks';
import SnippetHost from './SnippetHost.svelte';

/** What someone does with a part that scripts have not taken over yet. */
const TOUCHED = ['pointerdown', 'focusin', 'keydown', 'input', 'change', 'click'] as const;

type Contexts = Map<unknown, unknown>;

/** The element that holds a part, with the part in it where it is written on the server. @param shows see {@link keyOf} */
export const snippetHtml = (children: Snippet, context: Contexts, id: string, shows: string | null) =>
	`<div class="contents"${shows === null ? '' : ` data-shows="${shows}"`}>${
		import.meta.env.SSR ? render(SnippetHost, { props: { children }, context, idPrefix: id }).body : ''
	}</div>`;

/** A part of a page, as the server wrote it or as it was made here. */
export class LazyHydratedPart {
	private taken: object | null = null;

	/**
	 * @param element holds the part
	 * @param inItsTurn done with the part in its turn; left out, it is taken over
	 */
	constructor(
		private readonly element: HTMLElement,
		private readonly children: Snippet,
		private readonly context: Contexts,
		inItsTurn?: () => void
	) {
		if (!element.hasChildNodes()) {
			this.make();
			return;
		}
		const take = () => this.take();
		const now = enqueueTask(inItsTurn ?? take);
		for (const type of TOUCHED)
			element.addEventListener(type, inItsTurn ? take : now, { capture: true, once: true });
	}

	private get options() {
		return { target: this.element, props: { children: this.children }, context: this.context };
	}

	/** Takes over what the server wrote. */
	private take(): void {
		if (this.taken || !this.element.isConnected) return;
		const putBack = preserveInput(this.element);
		this.taken = hydrate(SnippetHost, this.options);
		putBack();
	}

	/** Has to show what its key says: where that is no longer what the server wrote, it is made again. */
	show(key: string): void {
		if (this.element.dataset.shows !== key) this.make();
	}

	private make(): void {
		if (this.taken) return;
		this.element.replaceChildren();
		this.taken = mount(SnippetHost, this.options);
	}

	end(): void {
		if (this.taken) void unmount(this.taken);
		this.taken = {};
	}
}
