<script lang="ts" module>
	/** A height on the scale. */
	export interface Notch {
		readonly id: string;
		readonly mm: number;
		/** The one being entered. */
		readonly active: boolean;
	}
</script>

<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { railTicks } from './rail-ticks';

	interface Props {
		notches: readonly Notch[];
		unit: LengthUnit;
		highestMm?: number;
	}

	let { notches, unit, highestMm = 1800 }: Props = $props();

	/** Room below the floor and above the top, as a share of the height. */
	const END = 0.02;
	const ticks = $derived(railTicks(highestMm, unit));
	/** Position of a height above the lower end, % of the scale. */
	const at = (mm: number) => (END + (Math.min(mm, highestMm) / highestMm) * (1 - 2 * END)) * 100;
</script>

<!-- A picture of what the fields next to it say: nothing here that a screen reader would miss. -->
<div class="rail" aria-hidden="true">
	{#each ticks as tick (tick.mm)}
		<span class="tick" class:long={tick.label !== null} style:bottom="{at(tick.mm)}%">
			{#if tick.label !== null}<span class="label">{tick.label}</span>{/if}
		</span>
	{/each}
	{#each notches as notch (notch.id)}
		<span class="height" style:transform="translateY(-{at(notch.mm)}%)">
			<span class="notch" class:active={notch.active}></span>
		</span>
	{/each}
</div>

<style>
	.rail {
		position: relative;
		width: 100%;
		height: 100%;
		border-right: 1px solid var(--rule);
		background: var(--sheet);
		overflow: hidden;
	}
	.tick {
		position: absolute;
		right: 0;
		width: 0.5rem;
		border-bottom: 1px solid var(--edge);
	}
	.tick.long {
		width: 0.875rem;
		border-bottom-width: 1.5px;
	}
	.label {
		position: absolute;
		right: 1.125rem;
		bottom: -0.55rem;
		font: 0.6875rem var(--font-mono);
		color: var(--ink-soft);
	}
	/* As high as the rail and moved as a whole: neither laid out nor painted again while it moves. */
	.height {
		position: absolute;
		inset: 0;
		pointer-events: none;
		transition: transform 180ms ease-out;
	}
	.notch {
		position: absolute;
		right: 0;
		bottom: 0;
		width: 0.875rem;
		height: 5px;
		margin-bottom: -2.5px;
		background: var(--cool);
	}
	.notch.active {
		width: 1.125rem;
		height: 7px;
		margin-bottom: -3.5px;
		background: var(--warm);
	}
	@media (prefers-reduced-motion: reduce) {
		.height {
			transition: none;
		}
	}
</style>
