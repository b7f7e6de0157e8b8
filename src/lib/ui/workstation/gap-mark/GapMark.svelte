<script lang="ts">
	import type { MeasurementGain } from '$lib/core/workstation/checks/measure-next';
	import type { ShownCheck } from '$lib/core/workstation/checks/check-corner';
	import { distanceOutsideBand } from '$lib/core/body/guidance/band';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { checkText } from './check-words';
	import { drawn, layOutGap } from './gap-scale';

	interface Props {
		check: ShownCheck;
		t: Catalogue;
		unit: LengthUnit;
		/** The previous value, drawn as a faint stroke. */
		before?: ShownCheck | null;
		/** What would make it more certain, where known. */
		certainty?: MeasurementGain;
		width?: number;
	}

	let { check, t, unit, before = null, certainty, width = 118 }: Props = $props();

	const HEIGHT = 24;
	const BASE = 19;

	const mark = $derived(layOutGap(check, width));
	const was = $derived(before && before.value !== check.value ? layOutGap(before, width) : null);
	/** For a value beyond the scale: how far it is outside its range, as in the words. */
	const number = $derived(
		formatLength(distanceOutsideBand(check, check.value), unit, { withUnit: false, locale: t.locale })
	);
</script>

<svg
	{width}
	height={HEIGHT}
	viewBox="0 0 {width} {HEIGHT}"
	role="img"
	aria-label={checkText(check, t, unit, certainty)}
	class="mark {check.verdict}"
>
	<line class="scale" x1="2" x2={width - 2} y1={BASE} y2={BASE} />
	<rect
		class="wash"
		x={drawn(mark.wash.from)}
		y="5"
		width={Math.max(1, drawn(mark.wash.to - mark.wash.from))}
		height="14"
	/>
	<path
		class="bracket"
		d={mark.bracket.to === null
			? `M${drawn(mark.bracket.from)} 12 V${BASE} H${width - 4}`
			: `M${drawn(mark.bracket.from)} 12 V${BASE} H${drawn(mark.bracket.to)} V12`}
	/>
	{#if was}<line class="was" x1={drawn(was.stroke)} x2={drawn(was.stroke)} y1="8" y2={BASE} />{/if}
	{#if mark.beyond === null}
		<line class="stroke" x1={drawn(mark.stroke)} x2={drawn(mark.stroke)} y1="3" y2={BASE + 1} />
	{:else}
		{@const x = mark.beyond === 'below' ? 2 : width - 2}
		{@const tail = mark.beyond === 'below' ? 11 : width - 11}
		{@const head = drawn(x + (tail - x) * 0.6)}
		<path class="stroke arrow" d="M{tail} 12 H{x} M{head} 8 L{x} 12 L{head} 16" />
		<text
			x={mark.beyond === 'below' ? 14 : width - 14}
			y="10"
			text-anchor={mark.beyond === 'below' ? 'start' : 'end'}
		>
			{number}
		</text>
	{/if}
</svg>

<style>
	.mark {
		display: block;
		flex: none;
		overflow: visible;
	}
	.scale {
		stroke: var(--rule);
		stroke-width: 1;
	}
	.bracket {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	.stroke {
		fill: none;
		stroke: var(--warm);
		stroke-width: 3;
	}
	.arrow {
		stroke-width: 1.8;
	}
	.was {
		stroke: var(--edge);
		stroke-width: 1.5;
		stroke-dasharray: 2 2;
	}
	.wash {
		fill: var(--warm-wash);
	}
	.fits .stroke {
		stroke: var(--cool);
	}
	.fits .wash,
	.unsure .wash {
		fill: var(--cool-wash);
	}
	.unsure .stroke {
		stroke: var(--ink);
		stroke-dasharray: 4 2;
	}
	text {
		fill: var(--ink-soft);
		font: 600 0.65rem var(--font-mono);
	}
</style>
