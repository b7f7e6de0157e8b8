<script lang="ts">
	import type { StepPiece } from '$lib/core/plan/plan-steps';
	import { pieceShape } from '../workstation/side-view/piece-shape';

	interface Props {
		/** From the bottom up, without what is not stacked. */
		pieces: readonly StepPiece[];
	}

	let { pieces }: Props = $props();

	/** Largest drawing, px. */
	const WIDE = 116;
	const HIGH = 72;

	const stacked = $derived(pieces.filter((piece) => piece.size !== null && piece.rise > 0));
	const rise = $derived(stacked.reduce((sum, piece) => sum + piece.rise, 0));
	const widest = $derived(Math.max(1, ...stacked.map(({ size }) => size?.[0] ?? 0)));
	const scale = $derived(Math.min(WIDE / widest, HIGH / Math.max(1, rise)));
	const width = $derived(widest * scale + 2);
	const height = $derived(rise * scale + 2);
	const shapes = $derived(
		stacked.map(({ id, kind, size, rise: own }, i) => {
			const below = stacked.slice(0, i).reduce((sum, piece) => sum + piece.rise, 0);
			const wide = (size?.[0] ?? 0) * scale;
			const box = {
				x: (width - wide) / 2,
				y: height - 1 - (below + own) * scale,
				width: wide,
				height: own * scale
			};
			return { id, ...pieceShape(kind, box) };
		})
	);
</script>

<!-- A picture of the text next to it: the items from the bottom up. -->
{#if stacked.length > 0}
	<svg {width} {height} aria-hidden="true">
		{#each shapes as shape (shape.id)}
			<path class="shape" d={shape.outline} />
			<path class="detail" d={shape.detail} />
		{/each}
	</svg>
{/if}

<style>
	svg {
		flex: none;
		align-self: flex-end;
	}
	.shape {
		fill: var(--warm-wash);
		stroke: var(--warm);
		stroke-width: 1.2;
	}
	.detail {
		fill: none;
		stroke: var(--warm);
		stroke-width: 0.8;
	}
</style>
