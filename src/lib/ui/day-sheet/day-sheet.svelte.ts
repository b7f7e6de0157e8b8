import { goto } from '$app/navigation';
import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import type { TriageReason } from '$lib/core/case-assessment';
import type { BriefData } from '../cases/brief';
import type { Shortcut } from '../shortcuts/shortcuts.svelte';
import type { DaySheetGroup } from '$lib/core/day-sheet';
import { ACT_KEYS } from '../shortcuts/act-keys';
import {
	mayBeSettled,
	daySheetGroupsOf,
	isFollowUp,
	nextActOf,
	type NextAct,
	type DaySheetRow
} from './sheet-words';
import { deskWords } from '$lib/messages/desk';

/** Where each act is done beside the list. */
const FIELDS = {
	outcome: 'outcome',
	call: 'outcome',
	done: 'finish',
	write: 'write',
	approve: 'approve',
	later: 'later'
} as const;

const press = (id: string) => document.getElementById(id)?.click();

const sameReasons = (a: readonly TriageReason[] = [], b: readonly TriageReason[] = []) =>
	a.map(({ code }) => code).join() === b.map(({ code }) => code).join();

/** Groups that begin folded: nothing in them is for today. */
const FOLDED: readonly DaySheetGroup[] = ['later'];

/** The day sheet while someone works on it: which line is looked at, what is ticked, what is on its way out. */
export class DaySheet {
	/** Lines that were acted on, as they were then: they are on their way out until what the server knows has changed. */
	private readonly gone = new SvelteMap<string, number>();
	readonly ticked = new SvelteSet<string>();
	readonly folded = new SvelteSet<DaySheetGroup>(FOLDED);
	/** The person whose line is looked at, and its place when it was last seen: where it has gone, the line that took its place is. */
	private chosen = $state<{ readonly id: string | null; readonly at: number }>({ id: null, at: 0 });
	/** Part of the case beside the list that takes the focus as soon as it stands there. */
	private wanted = $state<{ readonly id: string; readonly field: string } | null>(null);
	brief = $state.raw<BriefData | null>(null);
	/** The person in whose forms beside the list something is typed that is not sent yet, and their case as it was when that began. */
	private typing = $state.raw<{ readonly id: string; readonly version: number } | null>(null);
	hasBriefFault = $state(false);
	/** Names the next act of the sheet. */
	key = $state<string>(crypto.randomUUID());
	readonly lines: readonly DaySheetRow[] = $derived.by(() =>
		this.read().lines.filter(({ personId, version }) => this.gone.get(personId) !== version)
	);
	readonly groups = $derived.by(() => daySheetGroupsOf(this.lines, this.read().today));
	/** The lines in the order in which they are shown. */
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

	/** What colleagues have done to a case since something is typed in it: it stays beside the list all the same, with what was typed. */
	readonly typedOver: 'changed' | 'gone' | null = $derived.by(() => {
		const { typing } = this;
		if (!typing) return null;
		const line = this.lines.find(({ personId }) => personId === typing.id);
		if (!line) return 'gone';
		return line.version === typing.version ? null : 'changed';
	});
	/** Whose case stands beside the list: the one in which something is typed, else that of the line that is looked at. */
	readonly beside: { readonly id: string; readonly name: string } | null = $derived.by(() => {
		const { brief, here, typing } = this;
		if (brief && brief.id === typing?.id) return brief;
		return here && { id: here.personId, name: here.name };
	});
	readonly isTyped: boolean = $derived.by(() => this.typing !== null);

	/** @param read gives the newest lines, and the day that they are of */
	constructor(
		private readonly read: () => { readonly lines: readonly DaySheetRow[]; readonly today: string }
	) {}

	choose(index: number): void {
		const id = this.inOrder[index]?.personId ?? null;
		if (id !== this.typing?.id) this.typing = null;
		this.chosen = { id, at: index };
	}

	/** To be told of everything that is typed beside the list. @param pane where that is */
	typed(pane: HTMLElement): void {
		const fields = [...pane.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>('textarea, input')];
		const isTyped = fields.some(
			({ type, value, defaultValue }) => type !== 'hidden' && value !== defaultValue
		);
		const { brief, typing } = this;
		if (!isTyped || !brief) this.typing = null;
		else if (typing?.id !== brief.id) this.typing = { id: brief.id, version: brief.version };
	}

	/** What was typed is sent, or given up: the line that is looked at has its case beside it again. */
	readonly endTyping = (): void => {
		this.typing = null;
	};

	/** Chooses the line that has the focus already: who was there before the scripts were is not sent back to the first. */
	takeFocus(): void {
		const line = document.activeElement?.closest('[id^="line-"]');
		if (line) this.choose(Number(line.id.slice('line-'.length)));
	}

	/** Goes to another line, and puts the focus there. */
	move(by: 1 | -1): void {
		this.wanted = null;
		this.choose(Math.min(Math.max(this.at + by, 0), Math.max(this.inOrder.length - 1, 0)));
		this.focusLine();
	}

	/** Puts the focus on the line that is looked at; on the list where there is none. */
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

	/** Ticks every line that is there for the same reasons as the one that is looked at. */
	tickEqual(): void {
		const { here } = this;
		if (!here) return;
		for (const line of this.lines)
			if (
				line.level === here.level &&
				!isFollowUp(line) &&
				sameReasons(line.judgement?.reasons, here.judgement?.reasons)
			)
				this.ticked.add(line.personId);
	}

	/** Does what is offered on a line, where it is more than a press: opens its form beside the list. */
	act(index: number): void {
		const line = this.inOrder[index];
		if (!line) return;
		this.choose(index);
		this.open(nextActOf(line));
	}

	/** Opens the form of an act beside the list. */
	private open(act: NextAct | 'later'): void {
		const { here } = this;
		if (!here) return;
		if (act === 'read') void goto(`/desk/cases/${here.personId}?part=clinician`);
		else if (act !== 'settle') this.wanted = { id: here.personId, field: FIELDS[act] };
	}

	/** Puts the focus where an act wants it, once the case stands beside the list. To be run as an effect. */
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

	/** Loads the case beside the list, a moment after a line was chosen: going through the lines asks for none of those passed. */
	loadBrief(): (() => void) | undefined {
		const { beside } = this;
		if (!beside) {
			this.brief = null;
			return undefined;
		}
		const { id } = beside;
		// Read, so that a changed case is loaded again.
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

	/** The lines go at once, and the focus goes on; they come back if the server could not do it. */
	readonly acting =
		(ids: readonly string[]): SubmitFunction =>
		() => {
			const { at } = this;
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
				this.keepFocus();
			};
		};

	/** An act is taken back: the list takes the focus that the page has lost by it. */
	readonly undoing: SubmitFunction =
		() =>
		async ({ update }) => {
			await update({ reset: false });
			this.keepFocus();
		};

	/** What had the focus last, wherever on the page. */
	private lastFocused: Element | null = null;

	/** To be told of everything that takes the focus. */
	readonly focused = ({ target }: FocusEvent): void => {
		this.lastFocused = target instanceof Element ? target : null;
	};

	/**
	 * Where what had the focus went with an act, a form that is done, a line that moved to another part or a button that is there no more, the list has it.
	 * Who looks elsewhere is left there. Whatever took it away: the page itself is watched, and looked at once it has settled.
	 *
	 * @param page what is watched
	 * @returns ends it
	 */
	mendFocus(page: HTMLElement): () => void {
		const seen = new MutationObserver(() => {
			if (this.lastFocused?.isConnected !== false) return;
			void tick().then(() => {
				if (this.lastFocused?.isConnected === false) this.keepFocus();
			});
		});
		seen.observe(page, { childList: true, subtree: true });
		return () => seen.disconnect();
	}

	/** After a form was carried out the page has the focus, and a reader would begin again at its top: the list has it instead. */
	private keepFocus(): void {
		if (document.activeElement === document.body) this.focusLine();
	}

	/** The keys of the sheet: on the line that is chosen. */
	keys(): Shortcut[] {
		const goTo = (part: string) => () => this.here && void goto(`/desk/cases/${this.here.personId}${part}`);
		const open = (act: NextAct | 'later') => () => this.open(act);
		return [
			{ key: 'ArrowDown', words: deskWords.daySheet.nextLine, run: () => this.move(1) },
			{ key: 'ArrowUp', words: deskWords.daySheet.lineBefore, run: () => this.move(-1) },
			{ key: 'Enter', words: deskWords.daySheet.openTheCase, run: goTo('') },
			{
				key: ' ',
				words: deskWords.daySheet.tickTheLine,
				run: () => this.here && this.toggle(this.here.personId)
			},
			{ key: 'Control+z', words: deskWords.daySheet.undoTheLast, run: () => press('undo') },
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
