<script lang="ts">
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { timeWords } from '$lib/messages/dates';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { SubmitFunction } from '@sveltejs/kit';
	import Button from '../../platform/kit/Button.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	interface Act {
		readonly batch: string;
		readonly kind: keyof typeof deskWords.states.deskActs;
		readonly at: Date;
		/** How many people it concerned, and the names of the first of them. */
		readonly people: number;
		readonly names: readonly string[];
		readonly canUndo: boolean;
		readonly isUndone: boolean;
	}

	interface Props {
		/** The newest acts, and how many there are. */
		acts: { readonly all: number; readonly lines: readonly Act[] };
		timeZone: string;
		undoing: SubmitFunction;
	}

	let { acts, timeZone, undoing }: Props = $props();

	const newest = $derived(acts.lines.find(({ canUndo }) => canUndo) ?? null);
	const wordsOf = ({ kind, people, names }: Act) =>
		texts.actOn(
			deskWords.states.deskActs[kind],
			people === names.length ? deskCatalogue().lists.and(names) : peopleWords(people)
		);
</script>

{#if acts.all > 0}
	<details class="acts">
		<summary class="kit-summary" title={texts.undoUntilMidnight(Boolean(newest))}
			>{texts.actionsToday(acts.all)}</summary
		>
		<ul class="mt-1 text-note">
			{#each acts.lines as act (act.batch)}
				<li class="flex flex-wrap items-center gap-3 border-t border-rule py-1">
					<span class="num text-ink-soft">{timeWords(act.at, timeZone)}</span>
					<span class="flex-1">{wordsOf(act)}</span>
					{#if act.isUndone}<span class="text-ink-soft">{texts.undone}</span>
					{:else if act.canUndo}
						<form method="POST" action="/desk?/undo" use:enhanceForm={undoing}>
							<input type="hidden" name="batch" value={act.batch} />
							<Button
								size="desk"
								id={act === newest ? 'undo' : undefined}
								aria-label={texts.undoThis(wordsOf(act))}
								>{texts.undo}{#if act === newest}
									<kbd class="key" aria-hidden="true">{texts.undoKey}</kbd>{/if}</Button
							>
						</form>
					{:else}<span class="text-ink-soft">{texts.alreadySent}</span>{/if}
				</li>
			{/each}
		</ul>
		{#if acts.all > acts.lines.length}<p class="text-note text-ink-soft">
				{deskWords.people.andMore(acts.all - acts.lines.length)}
			</p>{/if}
	</details>
{/if}

<style>
	.acts[open] {
		flex-basis: 100%;
	}
</style>
