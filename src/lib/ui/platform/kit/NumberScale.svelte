<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		name: string;
		/** The numbers to choose from; the first is shown where nothing is chosen yet. */
		options: readonly string[];
		value: string | undefined;
		legend: Snippet;
		/** What is missing, between the question and its numbers. */
		fault?: string | null;
		/** Whether the browser asks for a number before anything is sent. */
		isRequired?: boolean;
		onchange: (value: string) => void;
	}

	let { name, options, value, legend, fault = null, isRequired = false, onchange }: Props = $props();

	const chosen = $derived(value || options[0]);
</script>

<!-- Native radio buttons, like the rows of choices. -->
<fieldset>
	<legend>{@render legend()}</legend>
	{#if fault}<p class="border-s-4 border-warm bg-warm-wash px-3 py-1 text-note">{fault}</p>{/if}
	<div class="scale">
		{#each options as option (option)}
			<label class="mark">
				<input
					type="radio"
					{name}
					value={option}
					required={isRequired}
					checked={chosen === option}
					onchange={() => onchange(option)}
				/><span>{option}</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	fieldset {
		padding: 0.4rem 0 0.6rem;
	}
	legend {
		font-weight: 600;
	}
	.scale {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem;
		margin-top: 0.25rem;
	}
	.mark {
		position: relative;
		display: grid;
		place-items: center;
		min-width: 2.75rem;
		min-height: 2.75rem;
		border: 1.5px solid var(--edge);
		border-radius: 3px;
		background: var(--sheet);
		font-family: var(--font-mono);
	}
	.mark input {
		position: absolute;
		inset: 0;
		opacity: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	.mark:has(:checked) {
		background: var(--ink);
		border-color: var(--ink);
		color: var(--sheet);
		font-weight: 700;
	}
	.mark:has(:focus-visible) {
		outline: 3px solid var(--cool);
		outline-offset: 2px;
	}
</style>
