<script lang="ts">
	import { CODES } from '$lib/core/workforce';
	import { stepWords } from '$lib/ui/workforce/help-words';
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import { figureOf, peopleOf } from '$lib/ui/workforce/table-rows';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { between, ofWords, peopleWords, percent } from '$lib/ui/workforce/words';

	let { data } = $props();

	const ASKED_BY = ['team', 'country', 'round', 'way', 'route', 'time'] as const;
	const by = $derived(ASKED_BY.find((name) => name === data.view.by) ?? null);
	const answered = $derived(figureOf(data.table, CODES.answered));
	const people = $derived(peopleOf(data.table));
</script>

<svelte:head><title>Answers · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame
	view={data.view}
	groups={data.table.groups}
	rounds={data.table.rounds}
	dimensions={ASKED_BY}
	title="Who answers?"
>
	<p class="mt-4 text-lead">
		{#if answered}
			<strong>{percent(answered.share)}</strong> of those who were asked in the year before have answered what
			they were sent last:
			{ofWords(answered)} ({between(answered)}).
		{:else if people !== null}
			{peopleWords(people)} were asked in the year before. How many of them answered can’t be shown: on one side
			there are fewer than five.
		{:else}Too few were asked for any figure.{/if}
		{#if data.curve?.median}Half of all answers are there within {stepWords(
				data.curve.median,
				data.curve.pace
			)}.{/if}
	</p>
	<GroupShares
		title="Who answered"
		code={CODES.answered}
		{by}
		table={data.table}
		axis="share that answered"
		were=" were asked in the year before"
	/>
	{#if data.curve}
		<CurveFigure
			title="How soon the answers come"
			still="Not answered yet"
			curves={[{ name: 'Everybody', curve: data.curve }]}
			note="Share that has not answered yet. Who has not answered is counted until the closing day. Days are put together until each step is of five people or more."
		/>
	{/if}
</WorkforceFrame>
