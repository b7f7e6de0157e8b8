<script lang="ts">
	import type { Snippet } from 'svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		rail: Snippet;
		/** Content above the question. */
		header?: Snippet | undefined;
		/** On top of a phone's screen, next to the questions on a laptop. */
		drawing?: Snippet | undefined;
		children: Snippet;
		bar?: Snippet | undefined;
	}

	let { rail, header, drawing, children, bar }: Props = $props();
</script>

<div class="rail-column">{@render rail()}</div>
<div class="page">
	<LazyHydrate>{@render header?.()}</LazyHydrate>
	<div class="columns" class:with-drawing={drawing}>
		{#if drawing}<aside class="drawing">{@render drawing()}</aside>{/if}
		<main id="content" class="min-w-0">{@render children()}</main>
	</div>
	<LazyHydrate>{@render bar?.()}</LazyHydrate>
</div>

<style>
	.rail-column {
		position: sticky;
		top: 0;
		height: 100dvh;
	}
	.page {
		display: flex;
		flex-direction: column;
		min-width: 0;
		min-height: 100dvh;
		padding-top: 0.75rem;
	}
	.columns {
		padding: 0.5rem 0 1rem;
	}
	/* On the phone the drawing keeps the upper part and never scrolls away. */
	.drawing {
		position: sticky;
		top: 0;
		height: 38dvh;
		margin: 0 -0.75rem 0.75rem;
		overflow: hidden;
		border-block: 1px solid var(--rule);
		background: var(--sheet);
		z-index: 4;
	}
	@media (max-height: 34rem) {
		.drawing {
			position: static;
		}
	}
	@media (min-width: 62rem) {
		.with-drawing {
			display: grid;
			grid-template-columns: minmax(0, 29rem) minmax(0, 1fr);
			gap: 3rem;
		}
		.drawing {
			order: 2;
			top: 1.5rem;
			align-self: start;
			height: min(36rem, calc(100dvh - 3rem));
			margin: 0;
			padding: 1rem;
			border-inline: 1px solid var(--rule);
		}
	}
</style>
