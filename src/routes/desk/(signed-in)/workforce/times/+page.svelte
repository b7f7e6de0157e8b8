<script lang="ts">
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import { timesSentence } from '$lib/messages/desk/help-words';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { pValueText } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();
</script>

<svelte:head><title>{texts.howLongWorkforceEasy}</title></svelte:head>

<WorkforceFrame view={data.view} groups={[]} rounds={{}} dimensions={[]} title={texts.howLongDoesIt}>
	<p class="mt-4 text-lead">{timesSentence(data)}</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		{texts.ofEverybodyTogetherA}
	</p>
	{#if data.act}
		<CurveFigure
			title={texts.fromAnswersToAct}
			still={texts.notDealtWithYet}
			curves={[{ name: texts.everybody, curve: data.act }]}
			note={texts.answersOfTheTwo}
		/>
	{/if}
	{#if data.fix}
		<CurveFigure
			title={texts.fromAnswersToPlan}
			still={texts.notCarriedOutYet}
			curves={data.closed && data.open
				? [
						{ name: texts.theHouseholdClosesIt, curve: data.closed },
						{ name: texts.somethingStaysOpen, curve: data.open }
					]
				: [{ name: texts.everybody, curve: data.fix }]}
			note={data.compared ? texts.theTwoCurvesDiffer(pValueText(data.compared.p)) : ''}
		/>
	{/if}
	{#if !data.act && !data.fix}<p class="mt-4">{texts.tooFewForCurve}</p>{/if}
</WorkforceFrame>
