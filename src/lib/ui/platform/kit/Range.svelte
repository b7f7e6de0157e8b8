<script lang="ts">
	interface Props {
		id: string;
		label: string;
		hint?: string;
		value: number;
		least: number;
		most: number;
		step?: number;
		/** The meaning of a value, for screen readers. */
		said?: string;
		size?: 'desk' | 'hand';
		oninput: (value: number) => void;
	}

	let { id, label, hint = '', value, least, most, step = 1, said, size = 'hand', oninput }: Props = $props();
</script>

<!-- The browser's own: it follows the finger pixel by pixel, as measuring on the screen requires. -->
<label class="block {size === 'desk' ? 'kit-label-desk' : 'font-semibold'}" for={id}>{label}</label>
{#if hint}<p id="{id}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
<input
	{id}
	class="kit-range {size}"
	type="range"
	min={least}
	max={most}
	{step}
	{value}
	aria-valuetext={said}
	aria-describedby={hint ? `${id}-hint` : undefined}
	oninput={(event) => oninput(Number(event.currentTarget.value))}
/>
