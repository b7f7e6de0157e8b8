<script lang="ts">
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import type { AnswerStore } from '../../questionnaire/answer-store';

	interface Props {
		/** Prefix of the field names; empty for none. */
		prefix: string;
		options: readonly (readonly [name: string, words: string])[];
		visit: AnswerStore;
	}

	let { prefix, options, visit }: Props = $props();

	const fieldOf = (name: string) => (prefix ? `${prefix}.${name}` : name);
</script>

<div class="mt-2 grid gap-2">
	{#each options as [name, words] (name)}
		{@const field = fieldOf(name)}
		<CheckBox
			name={field}
			{words}
			look="row"
			isChecked={visit.answers[field] === 'yes'}
			onchange={(isTicked) => visit.set(field, isTicked ? 'yes' : '')}
		/>
	{/each}
</div>
