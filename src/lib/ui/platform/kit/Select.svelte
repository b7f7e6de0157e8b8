<script lang="ts">
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import Field from './Field.svelte';

	interface Props {
		id?: string;
		name: string;
		label: string;
		value: string;
		options: readonly { readonly value: string; readonly words: string }[];
		hint?: string;
		fault?: string | null;
		size?: 'desk' | 'hand';
		isLabelHidden?: boolean;
		isRequired?: boolean;
		disabled?: boolean;
		onchange?: (value: string) => void;
	}

	let {
		name,
		id = name,
		label,
		value,
		options,
		hint = '',
		fault = null,
		size = 'hand',
		isLabelHidden = false,
		isRequired = false,
		disabled = false,
		onchange = () => {}
	}: Props = $props();
</script>

<!-- The browser's own list: it opens as the phone's wheel, works before scripts have loaded, and needs no script. Lists to search are the Combobox's. -->
<Field {id} {label} {hint} {fault} {isLabelHidden}>
	{#snippet children({ describedBy, isInvalid })}
		<div class="kit-select {size}">
			<select
				class="kit-input {size}"
				{id}
				{name}
				{value}
				{disabled}
				required={isRequired}
				aria-invalid={isInvalid}
				aria-describedby={describedBy}
				onchange={(event) => onchange(event.currentTarget.value)}
			>
				{#each options as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
			</select>
			<ChevronDown class="arrow" size={18} aria-hidden="true" />
		</div>
	{/snippet}
</Field>
