<script lang="ts">
	import { FINDING_IDS } from '$lib/core/checklist';
	import { FIGURE_CODES } from '$lib/core/workforce';
	import GapFigures from '$lib/ui/workforce/GapFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { publishedShareOf, groupSizeOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, codeWords, peopleWords, percent } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	const people = $derived(groupSizeOf(data.table));
	const found = $derived(publishedShareOf(data.table, FIGURE_CODES.found));
	const rows = $derived(
		data.table.figures
			.filter(({ code }) => FINDING_IDS.some((finding) => finding === code))
			.map(({ code }) => ({
				key: code,
				words: codeWords(code),
				figure: publishedShareOf(data.table, code),
				href: peopleHref(data, { finding: code })
			}))
			.sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1))
	);
</script>

<svelte:head><title>{texts.whatIsOffWorkforce}</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	title={texts.whatIsOffQuestion}
>
	<p class="mt-4 text-lead">
		{#if found}
			{texts.atWord} <strong>{percent(found.share)}</strong>
			{texts.ofTheCornersSomething(between(found), peopleWords(found.n))}
		{:else if people !== null}{texts.howManyOfTheir(peopleWords(people))}
		{:else}{texts.tooFewForFigure}{/if}
		{#if rows[0]?.figure}{texts.mostOften(rows[0].words.toLowerCase())}{/if}
	</p>
	<ShareFigure
		title={texts.shareOfPeopleByFinding}
		count={people === null ? '' : `${peopleWords(people)}.`}
		axis={texts.shareOfPeople}
		of={texts.whatIsOff}
		{rows}
		note={texts.whatTheAnswersOr}
	/>
	<GroupShares title={texts.anythingOff} code={FIGURE_CODES.found} by={data.view.by} table={data.table} />
	<GapFigures gaps={data.gaps} />
</WorkforceFrame>
