<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Shortcuts } from './shortcuts.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.frame;

	interface Props {
		shortcuts: Shortcuts;
		open: boolean;
	}

	let { shortcuts, open = $bindable() }: Props = $props();

	const SHOWN: Readonly<Record<string, string>> = {
		ArrowDown: texts.arrowDown,
		ArrowUp: texts.arrowUp,
		ArrowLeft: texts.arrowLeft,
		ArrowRight: texts.arrowRight,
		' ': texts.space,
		'Control+z': texts.controlZ
	};
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-20 bg-black/40" />
		<Dialog.Content
			class="fixed top-1/2 start-1/2 z-30 max-h-[92dvh] w-[min(44rem,94vw)] overflow-y-auto -translate-x-1/2 -translate-y-1/2 border border-rule bg-sheet p-6 shadow-lg"
		>
			<Dialog.Title class="text-head">{texts.shortcutsHere}</Dialog.Title>
			<dl class="mt-4 gap-x-8 sm:columns-2">
				{#each shortcuts.list as shortcut (shortcut.key)}
					<div class="flex items-center justify-between break-inside-avoid border-t border-rule py-1.5">
						<dt>{shortcut.words}</dt>
						<dd>
							<kbd class="key"
								>{SHOWN[shortcut.key] ??
									(shortcut.key.length === 1 ? shortcut.key.toUpperCase() : shortcut.key)}</kbd
							>
						</dd>
					</div>
				{/each}
			</dl>
			<p class="mt-3 text-note text-ink-soft">
				{texts.shortcutsWhileTyping}
			</p>
			<Dialog.Close class="kit-button plain desk mt-3">{texts.close}</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
