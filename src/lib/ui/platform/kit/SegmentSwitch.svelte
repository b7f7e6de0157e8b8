<script lang="ts" generics="K extends string">
	interface Props {
		label: string;
		states: readonly K[];
		shown: K;
		words: (state: K) => string;
		choose: (state: K) => void;
		size?: 'desk' | 'hand';
	}

	let { label, states, shown, words, choose, size = 'hand' }: Props = $props();
</script>

<!-- Adjacent buttons of which one is pressed: what they switch changes at once, so each is announced by its name alone. -->
<div class="switch no-print needs-js {size}" role="group" aria-label={label}>
	{#each states as state (state)}
		<button type="button" aria-pressed={shown === state} onclick={() => choose(state)}>{words(state)}</button>
	{/each}
</div>

<style>
	.switch {
		display: inline-flex;
		flex-wrap: wrap;
		/* The lines between buttons are the ground between them, so that they hold in two rows as well. */
		gap: 1.5px;
		background: var(--ink);
		border: 1.5px solid var(--ink);
		border-radius: 3px;
		overflow: hidden;
	}
	button {
		flex: 1 0 auto;
		min-height: 2.75rem;
		min-width: 2.75rem;
		padding: 0.25rem 0.875rem;
		background: var(--sheet);
		font-weight: 600;
	}
	.desk button {
		min-height: 2rem;
		padding: 0.125rem 0.75rem;
		font-size: var(--text-note);
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--sheet);
	}
	button:focus-visible {
		outline-offset: -4px;
	}
	@media (forced-colors: active) {
		button[aria-pressed='true'] {
			forced-color-adjust: none;
			background: Highlight;
			color: HighlightText;
		}
	}
</style>
