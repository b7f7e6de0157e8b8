<script lang="ts">
	import { FINDING_IDS } from '$lib/core/questionnaire/checklist/findings';
	import { FIGURE_CODES } from '$lib/core/workforce/codes';
	import { threePartsOf } from '$lib/core/workforce/three-parts';
	import GapFigures from '$lib/ui/workforce/GapFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import ThreePartsFigure from '$lib/ui/workforce/ThreePartsFigure.svelte';
	import { publishedShareOf, groupSizeOf, rowsByCode } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, peopleCount, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const people = $derived(groupSizeOf(data.table));
	const parts = $derived(threePartsOf(data.table, data.table.at));
	const found = $derived(publishedShareOf(data.table, FIGURE_CODES.found));
	const rows = $derived(
		rowsByCode(
			data.table,
			data.table.figures
				.map(({ code }) => code)
				.filter((code) => FINDING_IDS.some((finding) => finding === code)),
			(finding) => peopleHref(data, { finding })
		)
	);
</script>

<svelte:head><title>{texts.problemsTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.problemsHeading}>
	<p class="mt-4 text-lead">
		{#if parts}
			<strong>{percent(parts.problem.share)}</strong>
			{texts.heightProblem(between(parts.problem), peopleWords(parts.problem.n))}
			{#if parts.fits && parts.unknown}
				{texts.heightsFit(percent(parts.fits.share), percent(parts.unknown.share))}
			{/if}
			{#if found && found.x !== parts.problem.x}{texts.anyFound(percent(found.share))}{/if}
		{:else if people !== null}{texts.problemsHidden(peopleWords(people))}
		{:else}{texts.tooFewPeople}{/if}
		{#if rows[0]?.figure}{texts.mostCommon(rows[0].words)}{/if}
	</p>
	{#if parts}
		<ThreePartsFigure {parts} count={`${peopleWords(parts.problem.n)}.`} />
	{/if}
	<ShareFigure
		title={texts.shareByProblem}
		count={peopleCount(people)}
		of={texts.problems}
		{rows}
		note={texts.problemScope}
	/>
	<GroupShares {data} title={texts.heightProblemBy} code={FIGURE_CODES.problem} />
	<GroupShares {data} title={texts.anyProblem} code={FIGURE_CODES.found} />
	<GapFigures gaps={data.gaps} />
</WorkforceFrame>
