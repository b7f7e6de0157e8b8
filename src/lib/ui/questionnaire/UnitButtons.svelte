<script lang="ts">
	import { LENGTH_UNITS, type LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';

	interface Props {
		unit: LengthUnit;
		/** Where the choice is posted; the surrounding form's action if left out. */
		formaction?: string;
		/** Set where the choice needs the server and there is no network. */
		disabled?: boolean;
		t: Catalogue;
	}

	let { unit, formaction, disabled = false, t }: Props = $props();
</script>

{#each LENGTH_UNITS as option (option)}
	<Button
		look="quiet"
		name="to"
		value={option}
		{formaction}
		{disabled}
		formnovalidate
		aria-pressed={unit === option}
		aria-label={t.lists.of(option, t.frame.unit[option])}>{option}</Button
	>
{/each}
