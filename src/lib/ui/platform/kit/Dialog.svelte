<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { AlertDialog, Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		isOpen: boolean;
		title: string;
		lead?: string;
		closeWords: string;
		/** Must be answered: clicking outside does not close it. */
		mustAnswer?: boolean;
		onclose: () => void;
		children: Snippet;
	}

	let { isOpen, title, lead = '', closeWords, mustAnswer = false, onclose, children }: Props = $props();
	const Part = $derived(mustAnswer ? AlertDialog : Dialog);
</script>

<Part.Root open={isOpen} onOpenChange={(open) => open || onclose()}>
	<Part.Portal>
		<Part.Overlay class="kit-overlay" />
		<Part.Content class="kit-dialog">
			<div class="flex items-start justify-between gap-4">
				<Part.Title class="text-head">{title}</Part.Title>
				{#if mustAnswer}
					<AlertDialog.Cancel class="kit-button quiet hand">{closeWords}</AlertDialog.Cancel>
				{:else}
					<Dialog.Close class="kit-button plain hand icon" aria-label={closeWords}>
						<X size={20} aria-hidden="true" />
					</Dialog.Close>
				{/if}
			</div>
			{#if lead}<Part.Description class="text-ink-soft">{lead}</Part.Description>{/if}
			{@render children()}
		</Part.Content>
	</Part.Portal>
</Part.Root>
