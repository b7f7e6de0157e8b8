<script lang="ts">
	import type { Snippet } from 'svelte';
	import { messagesFor } from '$lib/messages';
	import type { Catalogue } from '$lib/messages/shapes';
	import { smoothPath } from '../../workstation/side-view/smooth-path';
	import { FIGURE_PLACES, outlineOf, VIEW, type FigurePlace } from './figure-places';

	interface Props {
		/**
		 * Content of a place.
		 * @param x its middle from the left edge
		 */
		place: Snippet<[place: FigurePlace, x: number]>;
		t?: Catalogue;
	}

	let { place: shown, t = messagesFor() }: Props = $props();

	const middle = VIEW.width / 2;
	const outline = smoothPath(outlineOf(middle), true);
</script>

{#each ['front', 'back'] as const as view (view)}
	<svg viewBox="0 0 {VIEW.width} {VIEW.height}" aria-hidden="true">
		<path class="contour" d={outline} />
		{#if view === 'back'}<path class="spine" d="M{middle} 70V178" />{/if}
		{#each FIGURE_PLACES.filter((place) => place.view === view) as place (place.name)}
			{@render shown(place, middle + place.x)}
		{/each}
		<text class="caption" x={middle} y={VIEW.height - 1}>{t.discomfort[view]}</text>
	</svg>
{/each}

<style>
	svg {
		width: 100%;
	}
	.contour {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 1.6;
	}
	.spine {
		fill: none;
		stroke: var(--edge);
		stroke-width: 1;
		stroke-dasharray: 2 4;
	}
	.caption {
		font: 11px var(--font-sans);
		text-anchor: middle;
		fill: var(--ink-soft);
	}
</style>
