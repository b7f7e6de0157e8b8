<script lang="ts">
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import KeyWords from '$lib/ui/platform/shortcuts/KeyWords.svelte';
	import { page } from '$app/state';
	import { PeopleTicks } from '$lib/ui/people/people-ticks.svelte';
	import PeopleColumns from '$lib/ui/people/PeopleColumns.svelte';
	import PeopleExport from '$lib/ui/people/PeopleExport.svelte';
	import PeopleBulk from '$lib/ui/people/PeopleBulk.svelte';
	import PeopleFilters from '$lib/ui/people/PeopleFilters.svelte';
	import PeopleTable from '$lib/ui/people/PeopleTable.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	let { data } = $props();

	const ticks = new PeopleTicks();
	const query = $derived(
		new URLSearchParams([...page.url.searchParams].filter(([name]) => name !== 'after')).toString()
	);
	const isNarrowed = $derived(
		[...page.url.searchParams.keys()].some((name) => name !== 'after' && name !== 'by')
	);
	const counted = $derived(data.isMore ? texts.moreThan(data.total) : String(data.total));
</script>

<svelte:head><title>{texts.pageTitle}</title></svelte:head>

<main class="max-w-6xl px-6 py-6">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">{texts.heading}</h1>
			<p class="mt-1 text-ink-soft" role="status">
				{texts.countSummary({ counted, total: data.total, isNarrowed })}
			</p>
		</div>
		<div class="flex flex-wrap gap-2">
			{#if data.differences !== null}
				<Button size="desk" href="/desk/people/directory"
					>{deskWords.directory.linkWithCount(data.differences)}</Button
				>
			{/if}
			<Button size="desk" href="/desk/people/import">{texts.importList}</Button>
			<PeopleColumns columns={data.columns} {query} />
			<PeopleExport {query} />
			<Button look="main" size="desk" href="/desk/people/new"><KeyWords act="person" /></Button>
		</div>
	</div>
	<PeopleFilters
		filter={data.filter}
		teams={data.teams}
		countries={data.countries}
		saved={data.saved}
		{query}
		by={page.url.searchParams.get('by') ?? ''}
	/>
	<PeopleBulk
		{ticks}
		lines={data.lines}
		total={data.total}
		canTakeAll={data.next !== null && !data.isMore && data.total <= data.mostInBulk}
		showsLeft={data.filter.who === 'left'}
		today={data.today}
		{query}
	/>

	{#if data.lines.length === 0}
		<p class="mt-8 border-t border-ink pt-6 text-lead">
			{texts.nobodyFound(isNarrowed)}
		</p>
	{:else}
		<PeopleTable {ticks} lines={data.lines} columns={data.columns} order={data.order} {query} />
		<nav class="mt-4 flex gap-3" aria-label={texts.pagesOfList}>
			{#if !data.isFirst}<Button size="desk" href="?{query}">{texts.toStart}</Button>{/if}
			{#if data.next}<Button
					size="desk"
					href="?{query}{query ? '&' : ''}after={encodeURIComponent(data.next)}">{texts.nextPage}</Button
				>{/if}
		</nav>
	{/if}
</main>
