<script lang="ts">
	import type { Catalogue } from '$lib/messages';
	import { smoothPath } from '../section/smooth-path';
	import { FIGURE_PLACES, HALF_OUTLINE, VIEW } from './figure-places';

	interface Props {
		/** Worst of each place, by its name; 0 is nothing. */
		scores: Readonly<Record<string, number>>;
		/** A place was touched. */
		touch: (name: string) => void;
		t: Catalogue;
	}

	let { scores, touch, t }: Props = $props();

	const middle = VIEW.width / 2;
	const outline = smoothPath(
		[
			...HALF_OUTLINE,
			...HALF_OUTLINE.slice(1, -1)
				.reverse()
				.map(([x, y]) => [-x, y] as const)
		].map(([x, y]) => ({
			x: middle + x,
			y
		})),
		true
	);
</script>

<!-- Touch only: the list beside it says and takes the same by keyboard and screen reader. -->
<div class="views" role="img" aria-label={t.discomfort.figure}>
	{#each ['front', 'back'] as const as view (view)}
		<svg viewBox="0 0 {VIEW.width} {VIEW.height}" aria-hidden="true">
			<path class="contour" d={outline} />
			{#if view === 'back'}<path class="spine" d="M{middle} 70V178" />{/if}
			{#each FIGURE_PLACES.filter((place) => place.view === view) as place (place.name)}
				{@const score = scores[place.name] ?? 0}
				<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
				<g class="place" class:sore={score > 0} onclick={() => touch(place.name)}>
					<ellipse cx={middle + place.x} cy={place.y} rx={place.rx} ry={place.ry} />
					{#if score > 0}<text x={middle + place.x} y={place.y + 4.5}>{score}</text>{/if}
				</g>
			{/each}
			<text class="caption" x={middle} y={VIEW.height - 1}>{t.discomfort[view]}</text>
		</svg>
	{/each}
</div>

<style>
	.views {
		display: grid;
		grid-template-columns: 1fr 1fr;
	}
	svg {
		width: 100%;
		touch-action: manipulation;
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
	.place {
		cursor: pointer;
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
	.caption {
		font: 11px var(--font-sans);
		fill: var(--ink-soft);
	}
</style>
