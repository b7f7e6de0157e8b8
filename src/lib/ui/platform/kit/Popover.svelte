<script lang="ts">
	import { Popover } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		/** Label of the button that opens it. */
		words: string;
		isOpen?: boolean;
		children: Snippet;
	}

	let { words, isOpen = $bindable(false), children }: Props = $props();
</script>

<Popover.Root bind:open={isOpen}>
	<Popover.Trigger class="kit-button plain desk">{words}</Popover.Trigger>
	<Popover.Portal>
		<Popover.Content class="kit-popover" align="end" sideOffset={5} aria-label={words}>
			{@render children()}
		</Popover.Content>
	</Popover.Portal>
</Popover.Root>
