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
		size?: 'desk' | 'hand';
		disabled?: boolean;
		oninput?: (text: string) => void;
		onkeydown?: (event: KeyboardEvent & { readonly currentTarget: HTMLTextAreaElement }) => void;
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
		size = 'hand',
		disabled = false,
		oninput = () => {},
		onkeydown = () => {}
	}: Props = $props();
</script>

<Field {id} {label} {hint} {fault}>
	{#snippet children({ describedBy, isInvalid })}
		<textarea
			class="kit-input {size}"
			{id}
			{name}
			{rows}
			{maxlength}
			{disabled}
			required={isRequired}
			aria-invalid={isInvalid}
			aria-describedby={describedBy}
			oninput={(event) => oninput(event.currentTarget.value)}
			{onkeydown}>{value}</textarea
		>
	{/snippet}
</Field>
