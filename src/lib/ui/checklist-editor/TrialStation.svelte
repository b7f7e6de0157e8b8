<script lang="ts">
	import type { ChecklistStation } from '$lib/core/checklist';
	import { messagesFor } from '$lib/messages';
	import { checklistTextsFor } from '$lib/messages/checklist';
	import CheckQuestion from '../questionnaire/CheckQuestion.svelte';
	import type { ChecklistTrial } from './checklist-trial.svelte';

	let { trial, station, language }: { trial: ChecklistTrial; station: ChecklistStation; language: string } =
		$props();

	const items = $derived(trial.items.filter((item) => item.station === station));
</script>

{#if items.length > 0}
	<h2 class="mt-6 border-b border-ink pb-1 text-lead">{checklistTextsFor(language).stations[station]}</h2>
	{#each items as item (item.id)}
		<div class="mt-4">
			<CheckQuestion
				{item}
				facts={trial.facts}
				draft={trial}
				own={trial.checklist.own}
				t={messagesFor(language)}
				onpick={() => {}}
			/>
		</div>
	{/each}
{/if}
