<script lang="ts">
	import { FIGURE_CODES } from '$lib/core/workforce/codes';
	import ChangeFigure from '$lib/ui/workforce/ChangeFigure.svelte';
	import { differenceSentence, helpSentence } from '$lib/messages/desk/help-words';
	import GroupShares from '$lib/ui/workforce/GroupShares.svelte';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { data } = $props();

	/** Within a team the groups are too small for changes in scores. */
	const isCrossed = $derived(data.view.team !== null);
</script>

<svelte:head><title>{texts.effectTitle}</title></svelte:head>

<WorkforceFrame {data} title={texts.effectHeading}>
	<p class="mt-4 text-lead">
		{#if isCrossed}{texts.carriedOutOnly}
		{:else}{helpSentence(data.courses)}
			{#if data.difference}{differenceSentence(data.difference)}{/if}{/if}
	</p>
	{#if data.courses.length > 0}
		<p class="mt-2 max-w-3xl text-note text-ink-soft">{texts.hintNotProof}</p>
	{/if}
	{#if !isCrossed}<ChangeFigure courses={data.courses} />{/if}
	<GroupShares {data} title={texts.carriedOutShare} code={FIGURE_CODES.done} axis={texts.shareCarriedOut} />
	{#if data.breaks}
		<section class="mt-8">
			<h2 class="text-lead">{texts.breaks}</h2>
			<p class="mt-1">
				{texts.breaksTaken(data.breaks.takenPercent)}
			</p>
			<p class="text-note text-ink-soft">
				{texts.breaksScope(data.breaks.atLeast)}
			</p>
		</section>
	{/if}
</WorkforceFrame>
