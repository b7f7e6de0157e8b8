<script lang="ts">
	import type { CoarseCurve } from '$lib/core/workforce/coarse-curve';
	import ChartFigure from '../platform/kit/charts/ChartFigure.svelte';
	import { stepCurves } from '../platform/kit/charts/chart-configs';
	import { between, formattedNumber, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	interface Props {
		title: string;
		note?: string;
		/** Label of the share without the event. */
		still: string;
		curves: readonly { readonly name: string; readonly curve: CoarseCurve }[];
		isForPaper?: boolean;
	}

	let { title, note = '', still, curves, isForPaper = false }: Props = $props();

	const count = $derived(
		curves
			.map(({ name, curve }) =>
				texts.notWithin({
					name: curves.length > 1 ? name : null,
					all: peopleWords(curve.n),
					open: formattedNumber(curve.open),
					isDays: curve.pace.stepDays === 1
				})
			)
			.join(' ')
	);
	const isByDay = $derived(curves[0]?.curve.pace.stepDays === 1);
	/** Time is drawn a little beyond the last event. */
	const lastOf = (all: readonly CoarseCurve[]) => {
		const falls = all.flatMap(({ points }) =>
			points.filter(({ share }, i) => share < (points[i - 1]?.share ?? 1))
		);
		const most = all[0]?.pace.steps ?? 1;
		return Math.min(most, Math.ceil(1.3 * Math.max(1, ...falls.map(({ at }) => at))) + 1);
	};
	const HEIGHT_PX = 260;
</script>

<ChartFigure
	{title}
	{count}
	{note}
	{isForPaper}
	heightPx={HEIGHT_PX}
	config={stepCurves(
		curves.map(({ name, curve }, i) => ({
			name,
			isDashed: i > 0,
			points: curve.points.map(({ at, share, interval }) => ({
				at,
				share,
				low: interval?.low ?? null,
				high: interval?.high ?? null
			}))
		})),
		isByDay ? texts.days : texts.weeks,
		lastOf(curves.map(({ curve }) => curve))
	)}
	table={{
		heads: [texts.people, isByDay ? texts.byEndOfDay : texts.byEndOfWeek, still, texts.interval],
		rows: curves.flatMap(({ name, curve }) =>
			curve.points.map(({ at, share, interval }) => ({
				key: `${name} ${at}`,
				words: name,
				cells: [String(at), percent(share), interval ? between(interval) : '']
			}))
		)
	}}
>
	{#snippet key()}
		{#if curves.length > 1}
			<ul class="flex flex-wrap gap-x-6 text-note">
				{#each curves as { name }, i (name)}
					<li class="flex items-center gap-2"><span class="line" class:dashed={i > 0}></span>{name}</li>
				{/each}
			</ul>
		{/if}
	{/snippet}
</ChartFigure>

<style>
	.line {
		width: 2rem;
		border-top: 3px solid var(--cool);
	}
	.line.dashed {
		border-top: 3px dashed var(--ink);
	}
</style>
