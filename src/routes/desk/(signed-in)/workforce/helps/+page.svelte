<script lang="ts">
	import { CODES } from '$lib/core/workforce';
	import ChangeFigure from '$lib/ui/workforce/ChangeFigure.svelte';
	import { helpSentence } from '$lib/ui/workforce/help-words';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';

	let { data } = $props();

	/** Within a team the groups are too small for changes of scores. */
	const isCrossed = $derived(data.view.team !== null);
</script>

<svelte:head><title>Does it help · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame view={data.view} groups={data.table.groups} rounds={data.table.rounds} title="Does it help?">
	<p class="mt-4 text-lead">
		{#if isCrossed}Whether it helped is told of a whole team or of everybody; here is who carried the plan
			out.
		{:else}{helpSentence(data.courses)}{/if}
	</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		Nobody was assigned to anything by chance: who carries a plan out may differ from who does not, discomfort
		comes and goes, and whoever hurt most at first has most room to get better. A difference between the rows
		is a hint, no proof.
	</p>
	{#if !isCrossed}<ChangeFigure courses={data.courses} />{/if}
	<GroupShares
		title="Plan carried out, of those with a plan who reported again"
		code={CODES.done}
		by={data.view.by}
		table={data.table}
		axis="share that carried the plan out"
	/>
	{#if data.breaks}
		<section class="mt-8">
			<h2 class="text-lead">Breaks</h2>
			<p class="mt-1">
				Of the breaks that were planned in the last four whole weeks, about {data.breaks.takenPercent} % were taken.
			</p>
			<p class="text-note text-ink-soft">
				Of at least {data.breaks.atLeast} people who share it, all together: those who do may well be those who
				move. In steps of five, so that no single person shows.
			</p>
		</section>
	{/if}
</WorkforceFrame>
