<script lang="ts">
	import Field from './Field.svelte';

	interface Props {
		name: string;
		id?: string;
		label: string;
		hint?: string;
		/** Accepted extensions and media types. */
		accept: string;
		size?: 'desk' | 'hand';
		onchange: (file: File | undefined) => void;
	}

	let { name, id = name, label, hint = '', accept, size = 'hand', onchange }: Props = $props();
</script>

<!-- The browser's own: it knows this machine's folders, and a file can be dropped on it. -->
<Field {id} {label} {hint}>
	{#snippet children({ describedBy })}
		<input
			class="kit-input {size}"
			{id}
			{name}
			type="file"
			{accept}
			aria-describedby={describedBy}
			onchange={(event) => onchange(event.currentTarget.files?.[0])}
		/>
	{/snippet}
</Field>
