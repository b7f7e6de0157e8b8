<script lang="ts">
	import CurveFigure from '$lib/ui/workforce/CurveFigure.svelte';
	import { timesSentence } from '$lib/ui/workforce/help-words';
	import WorkforceFrame from '$lib/ui/workforce/WorkforceFrame.svelte';
	import { chance } from '$lib/ui/workforce/words';

	let { data } = $props();
</script>

<svelte:head><title>How long · Workforce · Easy Corner</title></svelte:head>

<WorkforceFrame view={data.view} groups={[]} rounds={{}} dimensions={[]} title="How long does it take?">
	<p class="mt-4 text-lead">{timesSentence(data)}</p>
	<p class="mt-2 max-w-3xl text-note text-ink-soft">
		Of everybody together: a curve of a small group would be one of single people. Weeks are put together
		until each step is of five people or more. Who has not got there yet is counted until the closing day.
	</p>
	{#if data.act}
		<CurveFigure
			title="From the answers to the coordinator’s having dealt with them"
			still="Not dealt with yet"
			curves={[{ name: 'Everybody', curve: data.act }]}
			note="Answers of the two years before the closing day."
		/>
	{/if}
	{#if data.fix}
		<CurveFigure
			title="From the answers to the plan carried out"
			still="Not carried out yet"
			curves={data.closed && data.open
				? [
						{ name: 'The household closes it', curve: data.closed },
						{ name: 'Something stays open', curve: data.open }
					]
				: [{ name: 'Everybody', curve: data.fix }]}
			note={data.compared
				? `The two curves differ as far as this by chance with a probability of ${chance(data.compared.p)} (log-rank).`
				: ''}
		/>
	{/if}
	{#if !data.act && !data.fix}<p class="mt-4">Too few people for any curve.</p>{/if}
</WorkforceFrame>
