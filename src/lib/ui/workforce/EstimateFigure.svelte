<script lang="ts">
	import ChartFigure from '../platform/kit/charts/ChartFigure.svelte';
	import { intervalDots, type DotAxis } from '../platform/kit/charts/chart-configs';

	/** A row's estimate as drawn, with all its numbers as text; null where nothing is drawn. */
	interface Row {
		readonly key: string;
		readonly words: string;
		readonly drawn: { readonly value: number; readonly low: number; readonly high: number } | null;
		readonly cells: readonly string[];
	}

	interface Props {
		title: string;
		count: string;
		note?: string;
		axis: DotAxis;
		/** Column headings, starting with that of the labels. */
		heads: readonly string[];
		rows: readonly Row[];
		isForPaper?: boolean;
	}

	let { title, count, note = '', axis, heads, rows, isForPaper = false }: Props = $props();

	const ROW_PX = 34;
	const AXIS_PX = 58;
</script>

{#if rows.length > 0}
	<ChartFigure
		{title}
		{count}
		{note}
		{isForPaper}
		heightPx={AXIS_PX + ROW_PX * rows.length}
		config={intervalDots(
			rows.map(({ words, drawn }) => (drawn ? { words, ...drawn } : { words, value: null })),
			axis
		)}
		table={{ heads, rows }}
	/>
{/if}
