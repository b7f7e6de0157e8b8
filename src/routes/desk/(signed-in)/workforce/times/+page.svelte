<script lang="ts">
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import { timesSentence } from '$lib/messages/desk/help-words';
	import { pValueText } from '$lib/messages/desk/workforce-words';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();
</script>

<svelte:head><title>{texts.timesTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.timesHeading}>
	<p class="mt-4 text-lead">{timesSentence(data)}</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		{texts.timesLead}
	</p>
	{#if data.act}
		<CurveFigure
			title={texts.timeToAct}
			still={texts.notDealtWith}
			curves={[{ name: texts.everyone, curve: data.act }]}
			note={texts.twoYears}
		/>
	{/if}
	{#if data.fix}
		<CurveFigure
			title={texts.timeToPlan}
			still={texts.notFinished}
			curves={data.closed && data.open
				? [
						{ name: texts.fixedAtHome, curve: data.closed },
						{ name: texts.problemRemains, curve: data.open }
					]
				: [{ name: texts.everyone, curve: data.fix }]}
			note={data.compared ? texts.curvesDiffer(pValueText(data.compared.p)) : ''}
		/>
	{/if}
	{#if !data.act && !data.fix}<p class="mt-4">{texts.tooFewForCurve}</p>{/if}
</WorkforceFrame>
