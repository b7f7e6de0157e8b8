<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** What the part at the side is. */
		label: string;
		aside: Snippet;
		children: Snippet;
	}

	let { label, aside, children }: Props = $props();
</script>

<!-- A form with what belongs to it at its side; below it where the window is narrow. -->
<div class="layout">
	<div class="min-w-0">{@render children()}</div>
	<aside aria-label={label}>{@render aside()}</aside>
</div>

<style>
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 1.25rem;
	}
	@media (min-width: 68rem) {
		.layout {
			grid-template-columns: minmax(0, 52rem) minmax(16rem, 22rem);
			gap: 3rem;
		}
	}
</style>
