<script lang="ts">
	import type { ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
	import { messagesFor } from '$lib/messages';
	import { checklistTextsFor } from '$lib/messages/checklist';
	import Disclosure from '../../platform/kit/Disclosure.svelte';
	import CheckQuestion from '../CheckQuestion.svelte';
	import type { ChecklistTrial } from './checklist-trial.svelte';

	interface Props {
		trial: ChecklistTrial;
		station: ChecklistStation;
		language: string;
		isOpen: boolean;
	}

	let { trial, station, language, isOpen }: Props = $props();

	const items = $derived(trial.items.filter((item) => item.station === station));
</script>

{#if items.length > 0}
	<Disclosure words={checklistTextsFor(language).stations[station]} {isOpen}>
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
	</Disclosure>
{/if}
