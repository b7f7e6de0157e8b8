<script lang="ts">
	import type { FullAutoFill, HTMLInputAttributes } from 'svelte/elements';
	import Field from './Field.svelte';

	interface Props {
		id?: string;
		name: string;
		label: string;
		value: string;
		type?: 'text' | 'email' | 'password' | 'search' | 'tel';
		hint?: string;
		/** An example; never instead of the label. */
		placeholder?: string;
		fault?: string | null;
		minlength?: number;
		maxlength?: number;
		inputmode?: HTMLInputAttributes['inputmode'];
		autocomplete?: FullAutoFill;
		isRequired?: boolean;
		isLabelHidden?: boolean;
		size?: 'desk' | 'hand';
		disabled?: boolean;
		oninput?: (text: string) => void;
		onchange?: (text: string) => void;
	}

	let {
		name,
		id = name,
		label,
		value,
		type = 'text',
		hint = '',
		placeholder,
		fault = null,
		minlength,
		maxlength = 200,
		inputmode,
		autocomplete = 'off',
		isRequired = false,
		isLabelHidden = false,
		size = 'hand',
		disabled = false,
		oninput = () => {},
		onchange = () => {}
	}: Props = $props();
</script>

<Field {id} {label} {hint} {fault} {isLabelHidden}>
	{#snippet children({ describedBy, isInvalid })}
		<input
			class="kit-input {size}"
			{id}
			{name}
			{type}
			{value}
			{minlength}
			{maxlength}
			{inputmode}
			{placeholder}
			{autocomplete}
			{disabled}
			required={isRequired}
			aria-invalid={isInvalid}
			aria-describedby={describedBy}
			oninput={(event) => oninput(event.currentTarget.value)}
			onchange={(event) => onchange(event.currentTarget.value)}
		/>
	{/snippet}
</Field>
