<script lang="ts">
	import { checklistTextsFor, findingName, ownFixWords } from '$lib/messages/checklist';
	import { deskWords } from '$lib/messages/desk';
	import { wordsFor } from '$lib/messages/words-by-facts';
	import type { ChecklistTrial } from './checklist-trial.svelte';

	let { trial, language }: { trial: ChecklistTrial; language: string } = $props();

	const texts = deskWords.checklistEditor.trial;
	const words = $derived(checklistTextsFor(language, trial.checklist.own));
</script>

<h2 id="found-title" class="text-lead">{texts.found}</h2>
<div role="status" class="mt-1 border-t border-ink">
	{#each trial.found as { finding, fixes } (finding)}
		{@const own = ownFixWords(finding, language, trial.checklist.own)}
		<div class="border-b border-rule py-2" lang={language}>
			<p class="font-semibold">{findingName(words, finding)}</p>
			{#if own}<p>{own}</p>{/if}
			{#each fixes as fix (fix)}<p>{wordsFor(words.household[fix], trial.facts)}</p>{/each}
		</div>
	{:else}
		<p class="py-2 text-ink-soft">{texts.foundNothing}</p>
	{/each}
</div>
