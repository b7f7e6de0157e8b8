<script lang="ts">
	import { LENGTH_UNITS, type LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';

	interface Props {
		unit: LengthUnit;
		/** Where the choice is posted; that of the form around it if left out. */
		formaction?: string;
		/** Where the choice has to be asked of the server, and there is no network. */
		disabled?: boolean;
		t: Catalogue;
	}

	let { unit, formaction, disabled = false, t }: Props = $props();
</script>

{#each LENGTH_UNITS as option (option)}
	<button
		class="unit"
		name="to"
		value={option}
		{formaction}
		{disabled}
		formnovalidate
		aria-pressed={unit === option}
		aria-label="{option}: {t.frame.unit[option]}">{option}</button
	>
{/each}

<style>
	.unit {
		min-width: 2.75rem;
		min-height: 2.75rem;
		border: 1px solid transparent;
		border-radius: 3px;
		color: var(--ink-soft);
	}
	.unit[aria-pressed='true'] {
		border-color: var(--ink);
		color: var(--ink);
		font-weight: 700;
	}
</style>
