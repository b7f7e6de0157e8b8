<script lang="ts">
	import { UNDER_WAY } from '$lib/core/equipment';
	import { messagesFor } from '$lib/messages';
	import BoardFilters from '$lib/ui/equipment/BoardFilters.svelte';
	import StoreForm from '$lib/ui/equipment/StoreForm.svelte';
	import BoardTable from '$lib/ui/equipment/BoardTable.svelte';
	import { STATE_WORDS } from '$lib/ui/equipment/state-words';
	import Button from '$lib/ui/kit/Button.svelte';
	import { page } from '$app/state';

	let { data } = $props();

	const t = messagesFor();
	const underWay = $derived(UNDER_WAY.reduce((sum, state) => sum + data.counts[state], 0));
	const groups = $derived(
		(data.filter.state === '' ? UNDER_WAY : [data.filter.state]).map((state) => ({
			state,
			words: STATE_WORDS[state],
			lines: data.lines.filter((line) => line.state === state)
		}))
	);
</script>

<svelte:head><title>Equipment · Easy Corner</title></svelte:head>

<main class="board">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">Equipment</h1>
			<p class="mt-1 text-ink-soft">
				{underWay === 0
					? 'Nobody waits for a thing.'
					: `${underWay} ${underWay === 1 ? 'thing is' : 'things are'} under way: ${data.counts.asked} to decide on, ${data.counts.approved} to order or send.`}
			</p>
		</div>
		<div class="flex gap-2">
			<Button size="desk" look="quiet" href="/desk/workforce/to-buy">Prices</Button>
			<Button size="desk" href="/desk/equipment/export{page.url.search}" download>Export</Button>
		</div>
	</div>
	<StoreForm store={data.store} {t} />
	<BoardFilters filter={data.filter} counts={data.counts} {underWay} teams={data.teams} {t} />
	{#each groups as group (group.state)}
		{#if group.lines.length > 0}
			<BoardTable
				title={group.words}
				lines={group.lines}
				prices={data.prices}
				store={data.store}
				now={data.now}
				{t}
			/>
		{/if}
	{/each}
	{#if data.lines.length === 0}
		<p class="mt-8 border-t border-ink pt-4 text-lead">Nothing here.</p>
		<p class="mt-1 text-ink-soft">
			What people ask for on their plan appears here, with the gap that it closes at their corner.
		</p>
	{/if}
	{#if data.isMore}
		<p class="mt-4 text-note text-ink-soft">
			The first {data.lines.length} are shown. Narrow the list, or export it, to see the rest.
		</p>
	{/if}
</main>

<style>
	.board {
		max-width: 80rem;
		padding: 1.25rem 1.5rem 3rem;
	}
</style>
