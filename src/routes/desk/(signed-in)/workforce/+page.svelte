<script lang="ts">
	import { FIGURE_CODES } from '$lib/core/workforce';
	import { curveStepWords } from '$lib/messages/desk/help-words';
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import { publishedShareOf, groupSizeOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, ofWords, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const ASKED_BY = ['team', 'country', 'round', 'way', 'route', 'time'] as const;
	const by = $derived(ASKED_BY.find((name) => name === data.view.by) ?? null);
	const answered = $derived(publishedShareOf(data.table, FIGURE_CODES.answered));
	const people = $derived(groupSizeOf(data.table));
</script>

<svelte:head><title>{texts.answersWorkforceEasyCorner}</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	dimensions={ASKED_BY}
	title={texts.whoAnswers}
>
	<p class="mt-4 text-lead">
		{#if answered}
			<strong>{percent(answered.share)}</strong> {texts.ofThoseAsked(ofWords(answered), between(answered))}
		{:else if people !== null}
			{texts.wereAskedAlone(peopleWords(people))}
		{:else}{texts.tooFewWereAsked}{/if}
		{#if data.curve?.median}{texts.halfOfAllAnswers(curveStepWords(data.curve.median, data.curve.pace))}{/if}
	</p>
	<GroupShares
		title={texts.whoAnswered}
		code={FIGURE_CODES.answered}
		{by}
		table={data.table}
		axis={texts.shareThatAnswered}
		were={texts.wereAsked}
	/>
	{#if data.curve}
		<CurveFigure
			title={texts.howSoonTheAnswers}
			still={texts.notAnsweredYet}
			curves={[{ name: texts.everybody, curve: data.curve }]}
			note={texts.shareThatHasNot}
		/>
	{/if}
</WorkforceFrame>
