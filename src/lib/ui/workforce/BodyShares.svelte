<script lang="ts">
	import type { Region } from '$lib/core/cases/discomfort/regions';
	import type { PublishedShare } from '$lib/core/workforce/figures';
	import BodyViews from '../body/body-figure/BodyViews.svelte';
	import { percent } from '$lib/messages/desk/workforce-words';

	let { shares }: { shares: Readonly<Partial<Record<Region, PublishedShare | null>>> } = $props();

	const regionOf = (name: string) => name.replace(/-(left|right)$/, '') as Region;
	const most = $derived(Math.max(0.01, ...Object.values(shares).map((figure) => figure?.share ?? 0)));
	/** A share is written once: on the person's right where there are two sides. */
	const isWritten = (name: string) => !name.endsWith('-left');
</script>

<!-- The bars next to it say the same in words and with intervals. -->
<div class="views" aria-hidden="true">
	<BodyViews>
		{#snippet place({ name, y, rx, ry }, x)}
			{@const figure = shares[regionOf(name)]}
			{#if figure}
				<ellipse cx={x} cy={y} {rx} {ry} fill-opacity={0.12 + 0.75 * (figure.share / most)} />
				{#if isWritten(name)}<text {x} y={y + 4}>{percent(figure.share).replace(' ', '')}</text>{/if}
			{/if}
		{/snippet}
	</BodyViews>
</div>

<style>
	.views {
		display: grid;
		grid-template-columns: 1fr 1fr;
		max-width: 22rem;
	}
	ellipse {
		fill: var(--warm);
		stroke: var(--warm);
	}
	text {
		fill: var(--ink);
		font-size: 11px;
		font-weight: 650;
		text-anchor: middle;
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 3px;
	}
</style>
