<script lang="ts">
	import ChartFigure from '../charts/ChartFigure.svelte';
	import { dotStrips, intervalDots, shareBars, stepCurves } from '../charts/chart-configs';

	const ROWS = [
		{ words: 'Apples', value: 0.42, low: 0.36, high: 0.48 },
		{ words: 'Pears', value: 0.2, low: 0.15, high: 0.26 }
	];
	const HEIGHT_PX = 150;
	const AXIS = { title: 'more or less than last year', lineAt: 0.3 };
	const CURVE = [
		{ at: 2, share: 0.7, low: 0.6, high: 0.8 },
		{ at: 5, share: 0.3, low: 0.2, high: 0.45 }
	];
	const STRIPS = [
		{ words: 'First', isHollow: true, values: [-40, -22, -8, 0, 0] },
		{ words: 'Now', isHollow: false, values: [-10, -2, 0, 0, 6] }
	];
	const CHARTS = [
		{ title: 'Bars of shares', config: shareBars(ROWS, 'share of baskets') },
		{ title: 'Dots with intervals', config: intervalDots(ROWS, AXIS) },
		{
			title: 'A curve in steps',
			config: stepCurves([{ name: 'All', isDashed: false, points: CURVE }], 'days', 8)
		},
		{ title: 'Strips of dots', config: dotStrips(STRIPS, 'mm from the line') }
	];
	const table = {
		heads: ['Fruit', 'Share', '95% interval'],
		rows: ROWS.map(({ words, value, low, high }) => ({
			key: words,
			words,
			cells: [String(value), `${low} to ${high}`]
		}))
	};
</script>

<h2 class="mt-8 border-b border-ink text-head">Charts</h2>
<div class="grid gap-x-8 sm:grid-cols-2">
	{#each CHARTS as { title, config } (title)}
		<ChartFigure {title} count="120 baskets." {config} heightPx={HEIGHT_PX} {table} />
	{/each}
</div>
