<script lang="ts">
	import Field from './Field.svelte';

	interface Props {
		id?: string;
		name: string;
		label: string;
		value?: string;
		hint?: string;
		fault?: string | null;
		maxlength?: number;
		rows?: number;
		isRequired?: boolean;
		disabled?: boolean;
	}

	let {
		name,
		id = name,
		label,
		value = '',
		hint = '',
		fault = null,
		maxlength = 2000,
		rows = 4,
		isRequired = false,
		disabled = false
	}: Props = $props();
</script>

<Field {id} {label} {hint} {fault}>
	{#snippet children({ describedBy, isInvalid })}
		<textarea
			class="kit-input hand"
			{id}
			{name}
			{rows}
			{maxlength}
			{disabled}
			required={isRequired}
			aria-invalid={isInvalid}
			aria-describedby={describedBy}>{value}</textarea
		>
	{/snippet}
</Field>
