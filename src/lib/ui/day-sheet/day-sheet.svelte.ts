import { goto } from '$app/navigation';
import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { SvelteSet } from 'svelte/reactivity';
import type { Reason } from '$lib/core/judgement';
import type { Brief } from '../cases/brief';
import type { Shortcut } from '../shortcuts/shortcuts.svelte';
import { canSettle, groupsOf, isFollowUp, NEXT_ACTS, nextActOf, type SheetLine } from './sheet-words';

const press = (id: string) => document.getElementById(id)?.click();

const sameReasons = (a: readonly Reason[] = [], b: readonly Reason[] = []) =>
	a.map(({ code }) => code).join() === b.map(({ code }) => code).join();

/** The day sheet while somebody works on it: which line is looked at, what is ticked, what is on its way out. */
export class DaySheet {
	/** Lines that were acted on and are on their way out. */
	private readonly gone = new SvelteSet<string>();
	readonly ticked = new SvelteSet<string>();
	private chosen = $state(0);
	/** Part of the case beside the list that takes the focus as soon as it stands there. */
	private wanted = $state<{ readonly id: string; readonly field: string } | null>(null);
	brief = $state.raw<Brief | null>(null);
	hasBriefFault = $state(false);
	/** Names the next act of the sheet. */
	key = $state<string>(crypto.randomUUID());
	readonly lines: readonly SheetLine[] = $derived.by(() =>
		this.read().filter(({ personId }) => !this.gone.has(personId))
	);
	readonly groups = $derived.by(() => groupsOf(this.lines));
	/** The lines in the order in which they are shown. */
	readonly inOrder: readonly SheetLine[] = $derived.by(() => this.groups.flatMap(({ lines }) => lines));
	readonly at: number = $derived.by(() => Math.min(this.chosen, Math.max(this.inOrder.length - 1, 0)));
	readonly here: SheetLine | null = $derived.by(() => this.inOrder[this.at] ?? null);
	readonly tickedLines: readonly SheetLine[] = $derived.by(() =>
		this.lines.filter(({ personId }) => this.ticked.has(personId))
	);

	/** @param read gives the newest lines */
	constructor(private readonly read: () => readonly SheetLine[]) {}

	choose(index: number): void {
		this.chosen = index;
	}

	move(by: 1 | -1): void {
		this.wanted = null;
		this.chosen = Math.min(Math.max(this.at + by, 0), Math.max(this.inOrder.length - 1, 0));
		document.getElementById(`line-${this.chosen}`)?.scrollIntoView({ block: 'nearest' });
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
		this.chosen = index;
		const field = {
			outcome: 'outcome',
			call: 'outcome',
			done: 'finish',
			write: 'write',
			approve: 'approve'
		} as const;
		const next = nextActOf(line);
		if (next === 'refer') void goto(`/desk/cases/${line.personId}#clinician`);
		else if (next !== 'settle') this.wanted = { id: line.personId, field: field[next] };
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
		const { here } = this;
		if (!here) {
			this.brief = null;
			return undefined;
		}
		// Read, so that a changed case is loaded anew.
		void here.version;
		const stop = new AbortController();
		const timer = setTimeout(() => {
			fetch(`/desk/cases/${here.personId}/brief`, { signal: stop.signal })
				.then(async (response) => {
					this.hasBriefFault = !response.ok;
					if (response.ok) this.brief = (await response.json()) as Brief;
				})
				.catch(() => (this.hasBriefFault = !stop.signal.aborted));
		}, 120);
		return () => {
			clearTimeout(timer);
			stop.abort();
		};
	}

	/** The lines go at once; they come back if the server could not do it. */
	readonly acting =
		(ids: readonly string[]): SubmitFunction =>
		() => {
			for (const id of ids) this.gone.add(id);
			return async ({ result, update }) => {
				this.key = crypto.randomUUID();
				await update({ reset: false });
				for (const id of ids) this.gone.delete(id);
				if (result.type === 'success') for (const id of ids) this.ticked.delete(id);
			};
		};

	/** The keys of the sheet: on the line that is chosen. */
	keys(canAct: boolean): Shortcut[] {
		const open = (part: string) => () => this.here && void goto(`/desk/cases/${this.here.personId}${part}`);
		return [
			{ key: 'j', words: 'Next line', run: () => this.move(1) },
			{ key: 'k', words: 'Line before', run: () => this.move(-1) },
			{ key: 'Enter', words: 'Open the case', run: open('') },
			...(canAct
				? [
						{ key: 'e', words: 'Outcome, done, or settle', run: () => this.pressE() },
						{
							key: 'w',
							words: 'Write',
							run: () => (this.wanted = this.here && { id: this.here.personId, field: 'write' })
						},
						{
							key: 'a',
							words: 'Approve equipment',
							run: () => document.querySelector<HTMLElement>('.pane [data-act="approved"]')?.click()
						},
						{ key: 'r', words: 'Refer to a clinician', run: open('#clinician') },
						{ key: 'f', words: 'Set a follow-up', run: open('#due') },
						{ key: 'x', words: 'Tick the line', run: () => this.here && this.toggle(this.here.personId) },
						{ key: 'b', words: 'Tick all equal cases', run: () => this.tickEqual() },
						{ key: 'u', words: 'Undo the last act', run: () => press('undo') }
					]
				: [])
		];
	}

	private pressE(): void {
		const { here } = this;
		if (!here) return;
		if (NEXT_ACTS[nextActOf(here)].key === 'e') press(`act-${this.at}`);
		else if (canSettle(here))
			document.querySelector<HTMLElement>(`#line-${this.at} form[action="?/settle"] button`)?.click();
	}
}
