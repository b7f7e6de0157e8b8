<script lang="ts">
	import type { Catalogue } from '$lib/messages/shapes';
	import BodyViews from './BodyViews.svelte';

	interface Props {
		/** Worst score by place; 0 is none. */
		scores: Readonly<Record<string, number>>;
		/** Called when a place is touched. */
		touch: (name: string) => void;
		t: Catalogue;
	}

	let { scores, touch, t }: Props = $props();
</script>

<!-- For touch only: the list next to it offers the same to keyboard and screen reader. -->
<div class="views" role="img" aria-label={t.discomfort.figure}>
	<BodyViews {t}>
		{#snippet place({ name, y, rx, ry }, x)}
			{@const score = scores[name] ?? 0}
			<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
			<g class="place" class:sore={score > 0} onclick={() => touch(name)}>
				<ellipse cx={x} cy={y} {rx} {ry} />
				{#if score > 0}<text {x} y={y + 4.5}>{score}</text>{/if}
			</g>
		{/snippet}
	</BodyViews>
</div>

<style>
	.views {
		display: grid;
		grid-template-columns: 1fr 1fr;
	}
	.place {
		cursor: pointer;
		touch-action: manipulation;
	}
	.place ellipse {
		fill: transparent;
		stroke: var(--edge);
		stroke-width: 0.8;
		stroke-dasharray: 2 3;
	}
	.place:hover ellipse {
		fill: var(--cool-wash);
		stroke: var(--cool);
	}
	.place.sore ellipse {
		fill: var(--warm-wash);
		stroke: var(--warm);
		stroke-width: 1.8;
		stroke-dasharray: none;
	}
	text {
		font: 700 12px var(--font-mono);
		text-anchor: middle;
		fill: var(--ink);
	}
</style>
