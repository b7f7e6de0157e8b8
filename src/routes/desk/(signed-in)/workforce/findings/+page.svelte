<script lang="ts">
	import { FINDING_IDS } from '$lib/core/checklist';
	import { CODES } from '$lib/core/workforce';
	import GapFigures from '$lib/ui/workforce/GapFigures.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import ShareFigure from '$lib/ui/workforce/ShareFigure.svelte';
	import { figureOf, peopleOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { peopleHref } from '$lib/ui/workforce/people-href';
	import { between, codeWords, peopleWords, percent } from '$lib/ui/workforce/words';

	let { data } = $props();

	const people = $derived(peopleOf(data.table));
	const found = $derived(figureOf(data.table, CODES.found));
	const rows = $derived(
		data.table.figures
			.filter(({ code }) => FINDING_IDS.some((finding) => finding === code))
			.map(({ code }) => ({
				key: code,
				words: codeWords(code),
				figure: figureOf(data.table, code),
				href: peopleHref(data, { finding: code })
			}))
			.sort((a, b) => (b.figure?.share ?? -1) - (a.figure?.share ?? -1))
	);
</script>

<svelte:head><title>What is off · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame view={data.view} groups={data.table.groups} rounds={data.table.rounds} title="What is off?">
	<p class="mt-4 text-lead">
		{#if found}
			At <strong>{percent(found.share)}</strong> of the corners something is off as they stand ({between(
				found
			)};
			{peopleWords(found.n)}).
		{:else if people !== null}{peopleWords(people)}. How many of their corners are off can’t be shown.
		{:else}Too few people for any figure.{/if}
		{#if rows[0]?.figure}Most often: {rows[0].words.toLowerCase()}.{/if}
	</p>
	<ShareFigure
		title="Share of people, by what was found"
		count={people === null ? '' : `${peopleWords(people)}.`}
		axis="share of people"
		of="What is off"
		{rows}
		note="What the answers or the measurements found and nothing has put right yet. What fewer than five people have is left out."
	/>
	<GroupShares title="Anything off" code={CODES.found} by={data.view.by} table={data.table} />
	<GapFigures gaps={data.gaps} />
</WorkforceFrame>
