<script lang="ts">
	import { Popover } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		words: string;
		size?: 'desk' | 'hand';
		children: Snippet;
	}

	let { words, size = 'hand', children }: Props = $props();
</script>

<Popover.Root>
	<Popover.Trigger class="kit-button plain {size}">{words}</Popover.Trigger>
	<Popover.Portal>
		<Popover.Content class="kit-float" sideOffset={6}>{@render children()}</Popover.Content>
	</Popover.Portal>
</Popover.Root>
