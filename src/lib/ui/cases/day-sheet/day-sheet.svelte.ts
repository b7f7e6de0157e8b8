import { goto } from '$app/navigation';
import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import type { BriefData } from '../brief';
import type { Shortcut } from '../../platform/shortcuts/shortcuts.svelte';
import type { DaySheetGroup } from '$lib/core/cases/day-sheet';
import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
import { ACT_KEYS } from '../../platform/shortcuts/act-keys';
import {
	mayBeSettled,
	daySheetGroupsOf,
	isAlike,
	nextActOf,
	type NextAct,
	type DaySheetRow
} from './sheet-words';
import { deskWords } from '$lib/messages/desk';

/** The field for each act next to the list. */
const FIELDS = {
	outcome: 'outcome',
	call: 'outcome',
	done: 'finish',
	write: 'write',
	approve: 'approve',
	later: 'later'
} as const;

const press = (id: string) => document.getElementById(id)?.click();

/** Groups folded at first: nothing in them is for today. */
const FOLDED: readonly DaySheetGroup[] = ['later'];

/** The day sheet in use: the current line, the selection, and what is being sent. */
export class DaySheet {
	/** Lines acted on, as they were then: they are being removed until the server's state has changed. */
	private readonly gone = new SvelteMap<string, number>();
	readonly ticked = new SvelteSet<string>();
	readonly folded = new SvelteSet<DaySheetGroup>(FOLDED);
	/** The person of the current line, and the line's last position: where it has gone, the line that took its place is current. */
	private chosen = $state<{ readonly id: string | null; readonly at: number }>({ id: null, at: 0 });
	/** The field next to the list that takes the focus as soon as it exists. */
	private wanted = $state<{ readonly id: string; readonly field: string } | null>(null);
	brief = $state.raw<BriefData | null>(null);
	/** The person in whose forms next to the list unsent text is typed, and their case as it was when that began. */
	private typing = $state.raw<{ readonly id: string; readonly version: number } | null>(null);
	hasBriefFault = $state(false);
	key = $state<string>(crypto.randomUUID());
	readonly lines: readonly DaySheetRow[] = $derived.by(() =>
		this.read().lines.filter(({ personId, version }) => this.gone.get(personId) !== version)
	);
	readonly groups = $derived.by(() => daySheetGroupsOf(this.lines, this.read().today, this.read().policy));
	/** The lines in display order. */
	readonly inOrder: readonly DaySheetRow[] = $derived.by(() =>
		this.groups.flatMap(({ id, lines }) => (this.folded.has(id) ? [] : lines))
	);
	readonly at: number = $derived.by(() => {
		const at = this.inOrder.findIndex(({ personId }) => personId === this.chosen.id);
		return at >= 0 ? at : Math.min(this.chosen.at, Math.max(this.inOrder.length - 1, 0));
	});
	readonly here: DaySheetRow | null = $derived.by(() => this.inOrder[this.at] ?? null);
	readonly tickedLines: readonly DaySheetRow[] = $derived.by(() =>
		this.lines.filter(({ personId }) => this.ticked.has(personId))
	);

	/** What colleagues did to a case since typing began: it stays next to the list all the same, with the text. */
	readonly typedOver: 'changed' | 'gone' | null = $derived.by(() => {
		const { typing } = this;
		if (!typing) return null;
		const line = this.lines.find(({ personId }) => personId === typing.id);
		if (!line) return 'gone';
		return line.version === typing.version ? null : 'changed';
	});
	/** The case next to the list: the one with unsent text, otherwise that of the current line. */
	readonly beside: { readonly id: string; readonly name: string } | null = $derived.by(() => {
		const { brief, here, typing } = this;
		if (brief && brief.id === typing?.id) return brief;
		return here && { id: here.personId, name: here.name };
	});
	readonly isTyped: boolean = $derived.by(() => this.typing !== null);

	/** @param read gives the newest lines, and the day that they are of */
	constructor(
		private readonly read: () => {
			readonly lines: readonly DaySheetRow[];
			readonly today: string;
			/** The settings by which levels are given. */
			readonly policy: PolicySettings;
		}
	) {}

	choose(index: number): void {
		const id = this.inOrder[index]?.personId ?? null;
		if (id !== this.typing?.id) this.typing = null;
		this.chosen = { id, at: index };
	}

	/**
	 * Call on all input next to the list.
	 * @param pane the element that contains it
	 */
	typed(pane: HTMLElement): void {
		const fields = [...pane.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>('textarea, input')];
		const isTyped = fields.some(
			({ type, value, defaultValue }) => type !== 'hidden' && value !== defaultValue
		);
		const { brief, typing } = this;
		if (!isTyped || !brief) this.typing = null;
		else if (typing?.id !== brief.id) this.typing = { id: brief.id, version: brief.version };
	}

	/** The text was sent or discarded: the current line has its case next to it again. */
	readonly endTyping = (): void => {
		this.typing = null;
	};

	/** Makes the line that already has the focus current: someone who was there before scripts loaded is not sent back to the first. */
	takeFocus(): void {
		const line = document.activeElement?.closest('[id^="line-"]');
		if (line) this.choose(Number(line.id.slice('line-'.length)));
	}

	/** Moves to another line, and focuses it. */
	move(by: 1 | -1): void {
		this.wanted = null;
		this.choose(Math.min(Math.max(this.at + by, 0), Math.max(this.inOrder.length - 1, 0)));
		this.focusLine();
	}

	/** Focuses the current line; the list where there is none. */
	focusLine(): void {
		void tick().then(() => {
			const line = document.getElementById(`line-${this.at}`);
			line?.scrollIntoView({ block: 'nearest' });
			const target = line?.querySelector<HTMLElement>('a.who') ?? document.getElementById('sheet');
			target?.focus({ preventScroll: true });
		});
	}

	fold(id: DaySheetGroup): void {
		if (!this.folded.delete(id)) this.folded.add(id);
	}

	toggle(personId: string): void {
		if (!this.ticked.delete(personId)) this.ticked.add(personId);
	}

	/** Selects every line with the same reasons as the current one. */
	tickEqual(): void {
		const { here } = this;
		if (!here) return;
		const { today } = this.read();
		for (const line of this.lines) if (isAlike(line, here, today)) this.ticked.add(line.personId);
	}

	/** Carries out a line's suggested act, where it takes more than a key: opens its form next to the list. */
	act(index: number): void {
		const line = this.inOrder[index];
		if (!line) return;
		this.choose(index);
		this.open(nextActOf(line));
	}

	private open(act: NextAct | 'later'): void {
		const { here } = this;
		if (!here) return;
		if (act === 'read') void goto(`/desk/cases/${here.personId}?part=clinician`);
		else if (act !== 'settle') this.wanted = { id: here.personId, field: FIELDS[act] };
	}

	/** Focuses the field an act needs, once the case is next to the list. Run it as an effect. */
	focusWanted(): void {
		const { wanted, brief } = this;
		if (!wanted || wanted.id !== brief?.id) return;
		this.wanted = null;
		void tick().then(() => {
			const part = document.getElementById(wanted.field);
			if (part instanceof HTMLDetailsElement) part.open = true;
			const field = part?.matches('textarea, button')
				? part
				: part?.querySelector<HTMLElement>('input:not([type=hidden]), select, textarea, button');
			field?.focus();
		});
	}

	/** Loads the case next to the list, a moment after a line was chosen: moving through the lines loads none of those passed. */
	loadBrief(): (() => void) | undefined {
		const { beside } = this;
		if (!beside) {
			this.brief = null;
			return undefined;
		}
		const { id } = beside;
		// Read as a dependency, so that a changed case is loaded again.
		void this.lines.find(({ personId }) => personId === id)?.version;
		const stop = new AbortController();
		const timer = setTimeout(() => {
			fetch(`/desk/cases/${id}/brief`, { signal: stop.signal })
				.then(async (response) => {
					this.hasBriefFault = !response.ok;
					if (response.ok) this.brief = (await response.json()) as BriefData;
				})
				.catch(() => (this.hasBriefFault = !stop.signal.aborted));
		}, 120);
		return () => {
			clearTimeout(timer);
			stop.abort();
		};
	}

	/** The lines disappear at once, and the focus moves on; they return if the server could not do it. */
	readonly acting =
		(ids: readonly string[]): SubmitFunction =>
		() => {
			const { at, presses } = this;
			for (const { personId, version } of this.lines)
				if (ids.includes(personId)) this.gone.set(personId, version);
			this.choose(Math.min(at, Math.max(this.inOrder.length - 1, 0)));
			this.focusLine();
			return async ({ result, update }) => {
				this.key = crypto.randomUUID();
				await update({ reset: false });
				const { settled } = (result.type === 'success' ? result.data : undefined) ?? {};
				const done = (settled as { settled: readonly string[] } | undefined)?.settled ?? [];
				for (const id of ids) if (!done.includes(id)) this.gone.delete(id);
				if (result.type === 'success') for (const id of ids) this.ticked.delete(id);
				this.keepFocus(presses);
			};
		};

	/** An act is undone: the list takes the focus that the page lost. */
	readonly undoing: SubmitFunction = () => {
		const { presses } = this;
		this.lastFocused = null;
		return async ({ update }) => {
			await update({ reset: false });
			this.keepFocus(presses);
		};
	};

	/** The element that last had the focus, anywhere on the page. */
	private lastFocused: Element | null = null;
	/** How often the page was clicked or tapped. */
	private presses = 0;

	/** Call on every focus event. */
	readonly focused = ({ target }: FocusEvent): void => {
		this.lastFocused = target instanceof Element ? target : null;
	};

	/**
	 * Where the focus was lost with the element that had it, the list takes it: a completed form, a line that moved within its group or to
	 * another, a button that is gone. Moving an element takes its focus away as removing it does. A user who clicked elsewhere is left there.
	 * Whatever took it: the page itself is observed, and checked once it has settled.
	 * @param page the observed element
	 * @returns ends it
	 */
	mendFocus(page: HTMLElement): () => void {
		const isLost = () => this.lastFocused !== null && document.activeElement === document.body;
		const seen = new MutationObserver(() => {
			if (isLost())
				void tick().then(() => {
					if (isLost()) this.giveFocusBack();
				});
		});
		const left = () => {
			this.presses += 1;
			this.lastFocused = null;
		};
		seen.observe(page, { childList: true, subtree: true });
		document.addEventListener('pointerdown', left, true);
		return () => {
			seen.disconnect();
			document.removeEventListener('pointerdown', left, true);
		};
	}

	/** Focuses what last had the focus, without scrolling to it; the list where that is gone. */
	private giveFocusBack(): void {
		const { lastFocused } = this;
		if (lastFocused instanceof HTMLElement && lastFocused.isConnected)
			lastFocused.focus({ preventScroll: true });
		if (document.activeElement === document.body) this.focusLine();
	}

	/**
	 * After a form was carried out the page has the focus, and a screen reader would start at its top: the list takes it instead. A user who
	 * clicked somewhere in the meantime is left there: a list that scrolled under the pointer would lose the click.
	 * @param presses how often the page had been clicked when the form was sent
	 */
	private keepFocus(presses: number): void {
		if (document.activeElement !== document.body) this.lastFocused = document.activeElement;
		else if (presses === this.presses) this.focusLine();
		else if (this.lastFocused) this.giveFocusBack();
	}

	/** The day sheet's shortcuts, acting on the current line. */
	keys(): Shortcut[] {
		const goTo = (part: string) => () => this.here && void goto(`/desk/cases/${this.here.personId}${part}`);
		const open = (act: NextAct | 'later') => () => this.open(act);
		return [
			{ key: 'ArrowDown', words: deskWords.daySheet.nextLine, run: () => this.move(1) },
			{ key: 'ArrowUp', words: deskWords.daySheet.previousLine, run: () => this.move(-1) },
			{ key: 'Enter', words: deskWords.daySheet.openCase, run: goTo('') },
			{
				key: ' ',
				words: deskWords.daySheet.selectLine,
				run: () => this.here && this.toggle(this.here.personId)
			},
			{ key: 'Control+z', words: deskWords.daySheet.undoLast, run: () => press('undo') },
			{ ...ACT_KEYS.settle, run: () => this.settle() },
			{ ...ACT_KEYS.outcome, run: open('outcome') },
			{ ...ACT_KEYS.refer, run: goTo('?part=clinician#clinician') },
			{ ...ACT_KEYS.write, run: open('write') },
			{
				...ACT_KEYS.approve,
				run: () => document.querySelector<HTMLElement>('.pane [data-act="approved"]')?.click()
			},
			{ ...ACT_KEYS.call, run: open('call') },
			{ ...ACT_KEYS.done, run: open('done') },
			{ ...ACT_KEYS.followUp, run: goTo('?part=follow-up#due') },
			{ ...ACT_KEYS.later, run: open('later') },
			{ ...ACT_KEYS.mine, run: () => press('mine') },
			{ ...ACT_KEYS.equal, run: () => this.tickEqual() }
		];
	}

	private settle(): void {
		const { here } = this;
		if (here && mayBeSettled(here))
			document.querySelector<HTMLElement>(`#line-${this.at} form[action="?/settle"] button`)?.click();
	}
}
