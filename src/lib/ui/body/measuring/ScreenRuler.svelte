<script lang="ts">
	import Range from '../../platform/kit/Range.svelte';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { BANK_CARD_MM, pixelsPerMm } from '$lib/core/body/measuring/known-lengths';
	import type { Catalogue } from '$lib/messages/shapes';
	import { measuringPageTextsFor } from '$lib/messages/measuring-page';
	import { deviceStorage } from '../../questionnaire/device-storage';
	import { CSS_PX_PER_MM, storeScreenScale, storedScreenScale } from './screen-scale';

	interface Props {
		t: Catalogue;
		unit: LengthUnit;
	}

	let { t, unit }: Props = $props();

	const device = deviceStorage();
	const texts = $derived(measuringPageTextsFor(t.locale));

	let scale = $state(storedScreenScale(device) ?? CSS_PX_PER_MM);
	let isKept = $state(storedScreenScale(device) !== null);
	let lengthMm = $state(30);
	let roomPx = $state(320);

	const cardPx = $derived(Math.round(BANK_CARD_MM.long * scale));
	const mostMm = $derived(Math.floor((roomPx - 8) / scale));
	const marks = $derived(Array.from({ length: Math.max(0, mostMm) + 1 }, (_, mm) => mm));

	function calibrate(px: number) {
		scale = pixelsPerMm(px);
		isKept = true;
		storeScreenScale(device, scale);
	}
</script>

<div bind:clientWidth={roomPx}>
	<div
		class="card mt-2"
		style:width="{cardPx}px"
		style:height="{BANK_CARD_MM.short * scale}px"
		aria-hidden="true"
	></div>
	<div class="mt-3">
		<Range
			id="card"
			label={texts.cardLabel}
			hint={texts.cardHow}
			least={200}
			most={700}
			value={cardPx}
			oninput={calibrate}
		/>
	</div>
	<p class="text-note" role="status">{isKept ? texts.cardKept : texts.cardNot}</p>

	<svg class="mt-5" width={mostMm * scale + 4} height="46" aria-hidden="true">
		<rect x="2" y="2" width={lengthMm * scale} height="14" class="bar" />
		{#each marks as mm (mm)}
			<line
				x1={2 + mm * scale}
				x2={2 + mm * scale}
				y1="18"
				y2={mm % 10 === 0 ? 32 : mm % 5 === 0 ? 27 : 23}
			/>
			{#if mm % 10 === 0}<text x={2 + mm * scale} y="44">{mm / 10}</text>{/if}
		{/each}
	</svg>
	<Range
		id="thing-length"
		label={texts.thingLabel}
		hint={texts.thingHow}
		least={1}
		most={Math.max(2, mostMm)}
		value={lengthMm}
		oninput={(value) => (lengthMm = value)}
	/>
	<output class="num block text-head font-semibold" for="thing-length"
		>{formatLength(lengthMm, unit, { locale: t.locale })}</output
	>
</div>

<style>
	.card {
		border: 2px solid var(--warm);
		border-radius: 3.2mm;
		background: var(--warm-wash);
		max-width: 100%;
	}
	.bar {
		fill: var(--cool-wash);
		stroke: var(--cool);
	}
	line {
		stroke: var(--ink);
	}
	text {
		font: 10px var(--font-mono);
		text-anchor: middle;
		fill: var(--ink);
	}
</style>
