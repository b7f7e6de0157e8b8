<script lang="ts">
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import type { Snippet } from 'svelte';

	interface Props {
		words: string;
		isOpen?: boolean;
		/** A line of its own with a rule, or words among others. */
		look?: 'line' | 'inline';
		aside?: Snippet;
		children: Snippet;
	}

	let { words, isOpen = false, look = 'line', aside, children }: Props = $props();
</script>

<!-- The browser's own: opens before scripts have loaded, is found by the page's search, and prints. -->
<details class="kit-disclosure {look}" open={isOpen}>
	<summary
		><ChevronRight class="turn" size={18} aria-hidden="true" /><span>{words}</span
		>{@render aside?.()}</summary
	>
	<div class="inside">{@render children()}</div>
</details>
