<script lang="ts">
	import type { GapFigure } from '$lib/core/workforce/report';
	import type { PublishedChange } from '$lib/core/workforce/published-change';
	import ChartFigure from '../platform/kit/charts/ChartFigure.svelte';
	import { dotStrips } from '../platform/kit/charts/chart-configs';
	import {
		countsWords,
		signedNumber,
		formattedNumber,
		peopleWords
	} from '$lib/messages/desk/workforce-words';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		gaps: readonly GapFigure[];
		isForPaper?: boolean;
	}

	let { gaps, isForPaper = false }: Props = $props();

	const t = deskCatalogue();
	const ROW_PX = 38;
	const mean = (of: readonly number[]) =>
		of.reduce((sum, mm) => sum + Math.abs(mm), 0) / Math.max(1, of.length);
	const millimetres = (mm: number) => `${Math.round(mm)} mm`;
	const changed = ({ estimate, low, high }: PublishedChange) =>
		estimate === null
			? texts.noChange
			: `${signedNumber(estimate)} mm${low === null || high === null ? '' : `, ${deskWords.effect.interval(signedNumber(low), signedNumber(high))}`}`;
</script>

{#if gaps.length > 0}
	<ChartFigure
		title={texts.gapTitle}
		count={gaps.map(({ check, n }) => `${t.checks.names[check]}: ${peopleWords(n)}.`).join(' ')}
		{isForPaper}
		heightPx={58 + 2 * ROW_PX * gaps.length}
		config={dotStrips(
			gaps.flatMap(({ check, first, now }) => [
				{ words: texts.firstOf(t.checks.names[check]), isHollow: true, values: first },
				{ words: texts.nowOf(t.checks.names[check]), isHollow: false, values: now }
			]),
			texts.gapAxis
		)}
		note={texts.gapLegend}
		table={{
			heads: [
				texts.height,
				texts.peopleHead,
				texts.averageFirst,
				texts.now,
				texts.changeInterval,
				texts.betterSameWorse
			],
			rows: gaps.map((gap) => ({
				key: gap.check,
				words: t.checks.names[gap.check],
				cells: [
					formattedNumber(gap.n),
					millimetres(mean(gap.first)),
					millimetres(mean(gap.now)),
					changed(gap.change),
					countsWords(gap.change)
				]
			}))
		}}
	/>
{/if}
