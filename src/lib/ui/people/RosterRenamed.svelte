<script lang="ts">
	import type { RenamedPerson } from '$lib/core/people/exchange/import-report';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	interface Props {
		people: readonly RenamedPerson[];
		chosen: readonly string[];
		disabled: boolean;
		choose: (chosen: readonly string[]) => void;
	}

	let { people, chosen, disabled, choose }: Props = $props();
</script>

<fieldset class="mt-3" {disabled}>
	<legend class="text-lead">{texts.renamedCount(people.length)}</legend>
	<p class="text-note text-ink-soft">{texts.renamedHint}</p>
	<div class="mt-1 grid gap-1">
		{#each people as { personId, name, from, to, by } (personId)}
			<CheckBox
				words={texts.renamedLine(name, from, to, by === 'staff-number')}
				size="desk"
				isChecked={chosen.includes(personId)}
				onchange={(is) => choose(is ? [...chosen, personId] : chosen.filter((id) => id !== personId))}
			/>
		{/each}
	</div>
</fieldset>
