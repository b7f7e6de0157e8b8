<script lang="ts">
	import Check from '@lucide/svelte/icons/check';

	interface Props {
		/** Name in the form; left out where only scripts read it. */
		name?: string;
		words: string;
		isChecked: boolean;
		value?: string;
		/** What an unticked box posts; nothing if left out. */
		offValue?: string | null;
		size?: 'desk' | 'hand';
		look?: 'plain' | 'row' | 'switch';
		/** Only for screen readers, where visible text is next to it already. */
		isLabelHidden?: boolean;
		disabled?: boolean;
		onchange?: (isChecked: boolean) => void;
	}

	let {
		name,
		words,
		isChecked,
		value = 'yes',
		offValue = null,
		size = 'hand',
		look = 'plain',
		isLabelHidden = false,
		disabled = false,
		onchange = () => {}
	}: Props = $props();
</script>

<!-- A native checkbox, for the same reason as the radio buttons: it can be ticked and posted before scripts have loaded. -->
<label class="kit-check {size} {look}">
	{#if offValue !== null}<input type="hidden" {name} value={offValue} />{/if}
	<input
		type="checkbox"
		role={look === 'switch' ? 'switch' : undefined}
		{name}
		{value}
		checked={isChecked}
		{disabled}
		onchange={(event) => onchange(event.currentTarget.checked)}
	/>
	<span class="box" aria-hidden="true"><Check size={16} /></span>
	<span class={isLabelHidden ? 'sr-only' : ''}>{words}</span>
</label>
