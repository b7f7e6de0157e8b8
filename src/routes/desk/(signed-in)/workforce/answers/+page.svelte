<script lang="ts">
	import { FIGURE_CODES } from '$lib/core/workforce/codes';
	import { curveStepWords } from '$lib/messages/desk/help-words';
	import { between, ofWords, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import { publishedShareOf, groupSizeOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const answered = $derived(publishedShareOf(data.table, FIGURE_CODES.answered));
	const people = $derived(groupSizeOf(data.table));
</script>

<svelte:head><title>{texts.answersTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.responseRate}>
	<p class="mt-4 text-lead">
		{#if answered}
			<strong>{percent(answered.share)}</strong> {texts.answeredOf(ofWords(answered), between(answered))}
		{:else if people !== null}
			{texts.askedHidden(peopleWords(people))}
		{:else}{texts.tooFewAsked}{/if}
		{#if data.curve?.median !== null && data.curve?.median !== undefined}{texts.halfWithin(
				curveStepWords(data.curve.median, data.curve.pace)
			)}{/if}
	</p>
	<GroupShares
		{data}
		title={texts.responseRateHeading}
		code={FIGURE_CODES.answered}
		axis={texts.shareAnswered}
		were={texts.askedLastYear}
	/>
	{#if data.curve}
		<CurveFigure
			title={texts.howQuickly}
			still={texts.notAnsweredYet}
			curves={[{ name: texts.everyone, curve: data.curve }]}
			note={texts.notAnsweredLegend}
		/>
	{/if}
</WorkforceFrame>
