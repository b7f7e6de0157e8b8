<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** Id of the control, and the base of the ids of its hint and message. */
		id: string;
		label: string;
		hint?: string;
		/** The error, in words; its room is kept if `keepsRoom`. */
		fault?: string | null;
		/** Nothing below moves when a message comes or goes. */
		keepsRoom?: boolean;
		/** Only for screen readers, where visible text is next to it already. */
		isLabelHidden?: boolean;
		children: Snippet<[{ describedBy: string | undefined; isInvalid: boolean }]>;
	}

	let {
		id,
		label,
		hint = '',
		fault = null,
		keepsRoom = false,
		isLabelHidden = false,
		children
	}: Props = $props();

	const describedBy = $derived(
		[hint && `${id}-hint`, fault && `${id}-fault`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class="kit-field">
	<label for={id} class={isLabelHidden ? 'sr-only' : 'block font-semibold'}>{label}</label>
	{#if hint}<p id="{id}-hint" class="text-note text-ink-soft">{hint}</p>{/if}
	{@render children({ describedBy, isInvalid: fault !== null })}
	{#if keepsRoom || fault}
		<p id="{id}-fault" class="kit-message" class:has-fault={fault !== null} class:keeps-room={keepsRoom}>
			{fault ?? ''}
		</p>
	{/if}
</div>
