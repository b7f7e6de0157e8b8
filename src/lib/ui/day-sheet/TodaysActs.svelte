<script lang="ts">
	import { timeWords } from '$lib/messages/desk-dates';
	import { enhanceForm } from '../kit/enhance-form';
	import type { SubmitFunction } from '@sveltejs/kit';
	import Button from '../kit/Button.svelte';
	import { DESK_ACT_WORDS } from '$lib/messages/desk/state-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

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
		<summary class="kit-summary" title={texts.canBeTakenBack(Boolean(newest))}
			>{texts.whatYouDidToday(acts.length)}</summary
		>
		<ul class="mt-1 text-note">
			{#each acts as act (act.batch)}
				<li class="flex flex-wrap items-center gap-3 border-t border-rule py-1">
					<span class="num text-ink-soft">{timeWords(act.at, timeZone)}</span>
					<span class="flex-1">{DESK_ACT_WORDS[act.kind]} {who(act)}</span>
					{#if act.isUndone}<span class="text-ink-soft">{texts.takenBack}</span>
					{:else if act.canUndo}
						<form method="POST" action="/desk?/undo" use:enhanceForm={undoing}>
							<input type="hidden" name="batch" value={act.batch} />
							<Button
								size="desk"
								id={act === newest ? 'undo' : undefined}
								aria-label={texts.takeBackThis(DESK_ACT_WORDS[act.kind], who(act))}
								>{texts.takeBack}{#if act === newest}
									<kbd class="key" aria-hidden="true">{texts.ctrlZ}</kbd>{/if}</Button
							>
						</form>
					{:else}<span class="text-ink-soft">{texts.isOut}</span>{/if}
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
