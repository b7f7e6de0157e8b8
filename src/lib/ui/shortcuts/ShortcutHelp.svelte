<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Shortcuts } from './shortcuts.svelte';

	interface Props {
		shortcuts: Shortcuts;
		open: boolean;
	}

	let { shortcuts, open = $bindable() }: Props = $props();

	const shown: Readonly<Record<string, string>> = { ArrowDown: '↓', ArrowUp: '↑', Enter: '↵' };
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-20 bg-black/40" />
		<Dialog.Content
			class="fixed top-1/2 left-1/2 z-30 w-[min(26rem,90vw)] -translate-x-1/2 -translate-y-1/2 border border-rule bg-sheet p-6 shadow-lg"
		>
			<Dialog.Title class="text-head">Keys on this page</Dialog.Title>
			<dl class="mt-4">
				{#each shortcuts.list as shortcut (shortcut.key)}
					<div class="flex items-center justify-between border-t border-rule py-2">
						<dt>{shortcut.words}</dt>
						<dd><kbd class="key">{shown[shortcut.key] ?? shortcut.key.toUpperCase()}</kbd></dd>
					</div>
				{/each}
			</dl>
			<Dialog.Close class="btn mt-4">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
