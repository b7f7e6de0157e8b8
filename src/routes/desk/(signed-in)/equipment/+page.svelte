<script lang="ts">
	import { PENDING_REQUEST_STATES } from '$lib/core/plan/equipment';
	import BoardFilters from '$lib/ui/plan/equipment/BoardFilters.svelte';
	import StoreForm from '$lib/ui/plan/equipment/StoreForm.svelte';
	import BoardTable from '$lib/ui/plan/equipment/BoardTable.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import { page } from '$app/state';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.equipment;

	let { data } = $props();

	const t = deskCatalogue();
	let told = $state('');
	const underWay = $derived(PENDING_REQUEST_STATES.reduce((sum, state) => sum + data.counts[state], 0));
	const groups = $derived(
		(data.filter.state === '' ? PENDING_REQUEST_STATES : [data.filter.state]).map((state) => ({
			state,
			words: deskWords.requests.states[state],
			lines: data.lines.filter((line) => line.state === state)
		}))
	);
</script>

<svelte:head><title>{texts.pageTitle}</title></svelte:head>

<main class="board">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">{texts.heading}</h1>
			<p class="mt-1 text-ink-soft">
				{texts.summary({ underWay, asked: data.counts.asked, approved: data.counts.approved })}
			</p>
		</div>
		<div class="flex gap-2">
			<Button size="desk" look="quiet" href="/desk/organisation/settings/equipment">{texts.catalogue}</Button>
			<Button size="desk" look="quiet" href="/desk/equipment/budget">{texts.budget.link}</Button>
			<Button size="desk" href="/desk/equipment/export{page.url.search}" download>{texts.exportList}</Button>
		</div>
	</div>
	<div role="status">
		{#if told}<div class="mt-3 max-w-prose"><Notice kind="done">{told}</Notice></div>{/if}
	</div>
	<StoreForm store={data.store} items={data.catalogue.map(({ code }) => code)} />
	<BoardFilters
		filter={data.filter}
		counts={data.counts}
		{underWay}
		teams={data.teams}
		items={data.catalogue.map(({ code }) => code)}
	/>
	{#each groups as group (group.state)}
		{#if group.lines.length > 0}
			<BoardTable
				title={group.words}
				lines={group.lines}
				catalogue={data.catalogue}
				store={data.store}
				now={data.now}
				{t}
				ordered={(n) => (told = texts.orderedTogether(n))}
			/>
		{/if}
	{/each}
	{#if data.lines.length === 0}
		<p class="mt-8 border-t border-ink pt-4 text-lead">{texts.noneMatch}</p>
		<p class="mt-1 text-ink-soft">
			{texts.requestsHint}
		</p>
	{/if}
	{#if data.isMore}
		<p class="mt-4 text-note text-ink-soft">
			{texts.firstShown(data.lines.length)}
		</p>
	{/if}
</main>

<style>
	.board {
		max-width: 80rem;
		padding: 1.5rem 1.5rem 3rem;
	}
</style>
