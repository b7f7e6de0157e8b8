<script lang="ts" generics="K extends string">
	import type { Catalogue } from '$lib/messages';

	interface Props {
		states: readonly K[];
		shown: K;
		t: Catalogue;
		words: (state: K) => string;
		choose: (state: K) => void;
	}

	let { states, shown, t, words, choose }: Props = $props();
</script>

<div class="switch no-print needs-js" role="group" aria-label={t.section.choose}>
	{#each states as state (state)}
		<button type="button" aria-pressed={shown === state} onclick={() => choose(state)}>{words(state)}</button>
	{/each}
</div>

<style>
	.switch {
		display: inline-flex;
		flex-wrap: wrap;
		border: 1.5px solid var(--ink);
		border-radius: 3px;
		overflow: hidden;
	}
	button {
		min-height: 2.5rem;
		padding: 0.25rem 0.875rem;
		background: var(--sheet);
		font-weight: 600;
	}
	button + button {
		border-left: 1.5px solid var(--ink);
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--sheet);
	}
	button:focus-visible {
		outline-offset: -4px;
	}
</style>
