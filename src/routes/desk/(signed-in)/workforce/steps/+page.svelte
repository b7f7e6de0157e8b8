<script lang="ts">
	import { formatLength } from '$lib/core/body/length/format-length';
	import { CLOSE_MM } from '$lib/core/workforce/plan-step-codes';
	import { deskLocale } from '$lib/messages/desk-language';
	import LookFigure from '$lib/ui/workforce/LookFigure.svelte';
	import PadShares from '$lib/ui/workforce/PadShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { smallestOf, stepRows } from '$lib/ui/workforce/step-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const rows = $derived(stepRows(data.table));
	const leastDone = $derived(smallestOf(rows.done));
	const leastKept = $derived(smallestOf(rows.kept[0]?.rows ?? []));
	const isEmpty = $derived(leastDone === null && leastKept === null);
	const figures = $derived([
		{ title: texts.stepsCarriedOut, note: texts.stepsCarriedOutScope, rows: rows.done },
		...rows.kept.map(({ days, rows: kept }) => ({
			title: texts.stepsKept(days),
			note: texts.stepsKeptScope,
			rows: kept
		})),
		{ title: texts.stepsByItem, note: texts.stepsKeptScope, rows: rows.byItem },
		{
			title: texts.builtToPlan(formatLength(CLOSE_MM, 'mm', { locale: deskLocale() })),
			note: texts.builtToPlanScope,
			rows: rows.built,
			axis: texts.shareOfMeasured,
			of: texts.heightHead
		}
	]);
</script>

<svelte:head><title>{texts.stepsTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.stepsHeading}>
	<p class="mt-4 text-lead">
		{#if isEmpty}{texts.tooFewSteps}{/if}
		{#if leastDone}{texts.stepsLeastDone(
				leastDone.words,
				percent(leastDone.figure.share),
				between(leastDone.figure)
			)}{/if}
		{#if leastKept}{texts.stepsLeastKept(
				leastKept.words,
				percent(leastKept.figure.share),
				between(leastKept.figure)
			)}{/if}
	</p>
	{#if !isEmpty}
		{#each figures as figure (figure.title)}
			<ShareFigure
				title={figure.title}
				note={figure.note}
				rows={figure.rows}
				count=""
				axis={figure.axis ?? texts.shareOfSteps}
				of={figure.of ?? texts.stepPlace}
			/>
		{/each}
	{/if}
	<PadShares pads={data.pads} />
	{#if data.looks}<LookFigure looks={data.looks} />{/if}
</WorkforceFrame>
