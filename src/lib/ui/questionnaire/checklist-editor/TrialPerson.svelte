<script lang="ts">
	import { CHOICE_FIELDS, chosenOption } from '$lib/core/questionnaire/answers/fields';
	import { messagesFor } from '$lib/messages';
	import Select from '../../platform/kit/Select.svelte';
	import type { ChecklistTrial } from './checklist-trial.svelte';

	let { trial, language }: { trial: ChecklistTrial; language: string } = $props();

	const t = $derived(messagesFor(language));
	/** What decides which questions apply. */
	const FIELDS = ['posture', 'seatKind', 'screenKind', 'keysKind', 'lenses'] as const;
</script>

<div class="grid gap-3 sm:grid-cols-2">
	{#each FIELDS as field (field)}
		{@const words = t.options[field] as Readonly<Record<string, string>>}
		<Select
			name={field}
			label={t.fields[field]}
			size="desk"
			options={CHOICE_FIELDS[field].options.map((value) => ({ value, words: words[value] ?? value }))}
			value={chosenOption(trial.answers, field)}
			onchange={(value) => trial.set(field, value)}
		/>
	{/each}
</div>
