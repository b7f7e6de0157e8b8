<script lang="ts">
	import { timeWords } from '$lib/messages/desk-dates';
	import { enhance } from '$app/forms';
	import type { SubmitFunction } from '@sveltejs/kit';
	import Button from '../kit/Button.svelte';
	import { DESK_ACT_WORDS } from '../cases/state-words';

	interface Act {
		readonly batch: string;
		readonly kind: keyof typeof DESK_ACT_WORDS;
		readonly at: Date;
		readonly people: readonly { readonly id: string; readonly name: string }[];
		readonly canUndo: boolean;
		readonly isUndone: boolean;
	}

	interface Props {
		acts: readonly Act[];
		timeZone: string;
		undoing: SubmitFunction;
	}

	let { acts, timeZone, undoing }: Props = $props();

	const newest = $derived(acts.find(({ canUndo }) => canUndo) ?? null);
	const who = ({ people }: Act) =>
		people.length <= 2 ? people.map(({ name }) => name).join(' and ') : `${people.length} people`;
</script>

{#if acts.length > 0}
	<details class="acts">
		<summary class="kit-summary" title={newest ? 'Can be taken back until midnight' : ''}
			>What you did today: {acts.length}</summary
		>
		<ul class="mt-1 text-note">
			{#each acts as act (act.batch)}
				<li class="flex flex-wrap items-center gap-3 border-t border-rule py-1">
					<span class="num text-ink-soft">{timeWords(act.at, timeZone)}</span>
					<span class="flex-1">{DESK_ACT_WORDS[act.kind]} {who(act)}</span>
					{#if act.isUndone}<span class="text-ink-soft">taken back</span>
					{:else if act.canUndo}
						<form method="POST" action="/desk?/undo" use:enhance={undoing}>
							<input type="hidden" name="batch" value={act.batch} />
							<Button
								size="desk"
								id={act === newest ? 'undo' : undefined}
								aria-label="Take back: {DESK_ACT_WORDS[act.kind]} {who(act)}"
								>Take back{#if act === newest}
									<kbd class="key" aria-hidden="true">Ctrl Z</kbd>{/if}</Button
							>
						</form>
					{:else}<span class="text-ink-soft">is out</span>{/if}
				</li>
			{/each}
		</ul>
	</details>
{/if}

<style>
	.acts[open] {
		flex-basis: 100%;
	}
</style>
