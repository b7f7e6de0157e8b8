<script lang="ts">
	import { ScrollArea } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		highest: string;
		children: Snippet;
	}

	let { label, highest, children }: Props = $props();
</script>

<ScrollArea.Root class="kit-scroll-area" type="auto">
	<!-- Reached by keys: what scrolls must be, where nothing inside can be. -->
	<ScrollArea.Viewport style="max-height: {highest}" tabindex={0} role="region" aria-label={label}>
		{@render children()}
	</ScrollArea.Viewport>
	<ScrollArea.Scrollbar orientation="vertical" class="kit-bar"
		><ScrollArea.Thumb class="kit-bar-thumb" /></ScrollArea.Scrollbar
	>
</ScrollArea.Root>
