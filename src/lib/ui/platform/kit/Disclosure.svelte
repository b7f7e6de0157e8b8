<script lang="ts">
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import type { Snippet } from 'svelte';

	import { openAttribute } from './open-attribute';

	interface Props {
		words: string;
		isOpen?: boolean;
		/** A line of its own with a rule, inline text, or the main button of its view. */
		look?: 'line' | 'inline' | 'main';
		aside?: Snippet;
		ontoggle?: (isOpen: boolean) => void;
		children: Snippet;
	}

	let { words, isOpen = false, look = 'line', aside, ontoggle = () => {}, children }: Props = $props();
</script>

<!-- The browser's own: opens before scripts have loaded, is found by page search, and prints. -->
<details
	class="kit-disclosure {look}"
	{...openAttribute(isOpen)}
	ontoggle={(event) => ontoggle(event.currentTarget.open)}
>
	<summary
		><ChevronRight class="turn" size={18} aria-hidden="true" /><span>{words}</span
		>{@render aside?.()}</summary
	>
	<div class="inside">{@render children()}</div>
</details>
