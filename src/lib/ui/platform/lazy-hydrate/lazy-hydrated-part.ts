import { hydrate, mount, unmount, type Snippet } from 'svelte';
import { render } from 'svelte/server';
import { preserveInput } from '../kit/preserve-input';
import { enqueueTask } from './idle-tasks';
import SnippetHost from './SnippetHost.svelte';

const TOUCHED = ['pointerdown', 'focusin', 'keydown', 'input', 'change', 'click'] as const;

type Contexts = Map<unknown, unknown>;

/**
 * The element that contains a part, with its content when rendered on the server.
 * @param shows see {@link keyOf}
 */
export const snippetHtml = (children: Snippet, context: Contexts, id: string, shows: string | null) =>
	`<div class="contents"${shows === null ? '' : ` data-shows="${shows}"`}>${
		import.meta.env.SSR ? render(SnippetHost, { props: { children }, context, idPrefix: id }).body : ''
	}</div>`;

/** A part of a page, as rendered by the server or here. */
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

	/** Hydrates the server's HTML. */
	private take(): void {
		if (this.taken || !this.element.isConnected) return;
		const putBack = preserveInput(this.element);
		this.taken = hydrate(SnippetHost, this.options);
		putBack();
	}

	/** Shows the state of a key: where that differs from the server's HTML, the part is rendered again. */
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
